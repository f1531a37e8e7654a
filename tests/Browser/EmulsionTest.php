<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

it('turns a good recipe to short in hard water, and back when the advice is followed', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=3')->see('in soft water enough, in very hard water short')->see('Shake again every 15 seconds')->press('Strength, order, water: full strength, all together and shake, hardness unknown');
        $screen->choose('Kind of water', 'soft')->see('must be left to hold the oil: enough');
        $screen->choose('Kind of water', 'very hard')->see('too little');
        $button = $screen->all('section[aria-label="How long it holds"] button')[0]->getText();
        expect($button)->toStartWith('Add ')->and($button)->toContain('castile soap');
        $screen->press($button)->see('must be left to hold the oil: enough');
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
        $screen->open('/bench?recipe=orchard-neem&sprayer=3')->see('Start mixing');
        $screen->press('Strength, order, water: full strength, all together and shake, hardness unknown')->choose('Kind of water', 'very hard')->see('too little');
        $screen->press('Start mixing')->see('spoonfuls are in')->press('Tick the rest: all went in');
        $screen->press('The glass stands: start the minute')->see('0:01')->press('a ring of oil')->see('Glass 1: a ring of oil after')->see('mL soap to the sprayer, mix for a full minute');
        $screen->driver->navigate()->refresh();
        $screen->see('Glass 1: a ring of oil after')->press('even, no oil on top')->see('Glass 2: even')->press('Save the batch')->see('ready to use')->see('Its glasses');
        $screen->press('Start the timer')->see('Shake now!');
        expect((int) $screen->all('[data-rings]')[0]->getAttribute('data-rings'))->toBeGreaterThan(0);
        $screen->press('Stop the timer')->see('Start the timer');
    });
});
