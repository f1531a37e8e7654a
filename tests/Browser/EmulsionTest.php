<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

it('turns a good recipe to short in hard water, and back when its one remedy is put in', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=3')->see('What was checked');
        $open = static fn(string $drawer) => $screen->all("[data-drawer=\"{$drawer}\"] summary")[0]->click();
        $open('why');
        $open('glass');
        $screen->see('In soft water it holds, in hard water not.')->see('Shake again every 80 seconds');
        $open('settings');
        $screen->choose('Kind of water', 'soft')->see('30 s is long enough');
        $screen->choose('Kind of water', 'very hard')->see('It must be shaken every')->see('take rain water, or keep swirling');
        $button = $screen->all('[data-mend]')[0]->getText();
        expect($button)->toMatch('/^Put in (\d+ × )?[\d¼½¾]+ (tsp|tbsp) of castile soap$/');
        $screen->press($button)->see('30 s is long enough');
        // Folded into the line that was there, not a second one of the same soap.
        expect(substr_count($screen->all('[data-plan]')[0]->getText(), 'castile soap'))->toBe(1)->and($screen->all('[data-mend]'))->toBe([]);
        $screen->press('Read strip and thermometer')->see('250 mg/L hard');

        // The glass, dragged through the hours.
        $range = $screen->all('section[aria-label="How long it holds"] input[type="range"]')[0];
        $range->sendKeys(Facebook\WebDriver\WebDriverKeys::END);
        $screen->see('After 8 h')->see('The tube draws 0 %');
        expect($screen->complaints())->toBe([]);
    });
});

it('times a stand test, answers it, keeps it with the batch, and rings when it is time to shake', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=orchard-neem&sprayer=3')->see('What was checked');
        $screen->all('[data-drawer="settings"] summary')[0]->click();
        $screen->all('[data-drawer="why"] summary')[0]->click();
        $screen->choose('Kind of water', 'very hard')->see('It must be shaken every');
        $screen->press('Start mixing')->see('spoonfuls are in');
        Walk::until($screen, static fn(): bool => str_contains($screen->shown(), 'The glass stands'));
        $screen->press('The glass stands: start the minute')->see('0:01')->press('a ring of oil')->see('Glass 1: a ring of oil after')->see('to the sprayer, mix for a full minute');
        $screen->driver->navigate()->refresh();
        // The even glass ends the step; it is not asked again.
        $screen->see('Glass 1: a ring of oil after')->press('even, no oil on top')->see('Write on it what is in it');
        Walk::through($screen);
        $screen->see('Its glasses');
        $screen->press('Start the timer')->see('Shake now!');
        expect((int) $screen->all('[data-rings]')[0]->getAttribute('data-rings'))->toBeGreaterThan(0);
        $screen->press('Stop the timer')->see('Start the timer');
    });
});
