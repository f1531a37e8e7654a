<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Goes on with the tab key until the focus is on what bears this name. */
function tabTo(Screen $screen, string $name): void
{
    $screen->until(static function () use ($screen, $name): bool {
        // To the page and not to what has the focus: that may be drawn anew at this moment.
        $screen->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $at = $screen->script("const e = document.activeElement; return (e.getAttribute('aria-label') ?? e.labels?.[0]?.innerText ?? e.innerText).trim()");

        return is_string($at) && str_starts_with($at, $name);
    }, fn(): string => "The tab key does not reach “{$name}”.");
}

it('goes from ticking signs to the bench with the case set, on a phone, with the keyboard alone', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $keys = static fn(string ...$keys) => $screen->driver->switchTo()->activeElement()->sendKeys(implode('', $keys));
        $screen->open('/')->see('Today');
        tabTo($screen, 'What is on my plant?');
        $keys(WebDriverKeys::ENTER);
        $screen->see('Tick what you see');
        tabTo($screen, 'A sticky shine');
        $keys(WebDriverKeys::SPACE);
        tabTo($screen, 'Ants going up');
        $keys(WebDriverKeys::SPACE);
        $screen->see('aphids: see why');
        tabTo($screen, 'Yes: Look at the youngest tips');
        $keys(WebDriverKeys::ENTER);
        $screen->see('Likely aphids')->see('The chance is among what is listed here');
        tabTo($screen, 'On which plant');
        $keys('Sweet');
        tabTo($screen, 'Open a case: aphids');
        $keys(WebDriverKeys::ENTER);
        $screen->see('Aphids: what to do')->see('Stood next to it')->see('What to spray, best first');
        $case = (int) preg_replace('/\D/', '', $screen->path());
        tabTo($screen, 'The plant and its place');
        $keys(WebDriverKeys::SPACE);
        tabTo($screen, 'In open flower');
        $keys(WebDriverKeys::SPACE);
        $screen->until(static fn(): bool => $screen->all('[data-option]') !== [] && $screen->all('[data-option="mild-soap"]') === [], 'A leaf spray is proposed on open flowers.');
        $keys(WebDriverKeys::SPACE);
        $screen->see('take in turn');
        $best = $screen->all('[data-option] h3')[0]->getText();
        tabTo($screen, "Mix it: {$best}");
        $keys(WebDriverKeys::ENTER);
        $screen->see('Start mixing')->see('What was checked');
        expect($screen->script('return document.querySelector("select[aria-label=For]").selectedOptions[0].innerText'))->toBe('Aphids on Sweet bay')
            ->and($screen->driver->getCurrentURL())->toContain("case={$case}")
            ->and($screen->complaints())->toBe([]);
    }, 390, 844);
});

it('flags a spray that cannot work when somebody takes it all the same', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?case=5&recipe=mild-soap&sprayer=2')->see('does nothing to')->see('Mix it all the same');
        expect($screen->all('[data-part="verdict"]')[0]->getAttribute('data-level'))->toBe('caution');
        // It would burn nothing, so it is no stop; all the same, the way out is the main act: what the choice proposes in its place.
        $screen->all('[data-part="act"]')[0]->click();
        $screen->until(static fn(): bool => ! str_contains($screen->text(), 'Mix it all the same'), 'The flag stayed.');
        expect($screen->script('return document.querySelector("[data-recipe]").value'))->not->toBe('mild-soap');
    });
});

it('says when it is probably no pest, and offers no case for it', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/look')->see('The whole plant');
        $screen->script("document.querySelector('[data-group=plant] summary').click()");
        $screen->press('Bleached, papery patches on the sunny side')->see('Probably not a pest');
        expect($screen->all('[data-suspect="sunburn"] button'))->toBe([]);
        $screen->press('Start over')->see('Tick what you see');
    });
});

it('is told to wait for the ladybirds, waits, finds them gone, and is told that waiting worked', function (): void {
    $served = Served::elsewhere();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/')->see('Today');
        $plant = $screen->made('/api/plants', '{"name": "Rose by the door", "tolerance": "ordinary-leaf"}');
        $case = $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"aphids\"}");
        $screen->open("/cases/{$case}")->see('Count what is there first')->type('How many', '45')->press('Save the count')->see('Not sprayed yet');
        $screen->press('What to do')->see('Spray. Aphids are easily found now')->see('What to spray, best first');
        expect(count($screen->all('[data-option]')))->toBeLessThanOrEqual(3);
        // The plant was looked over, and somebody is at work there.
        $screen->tick('Ladybirds or their grubs')->see('No spray yet. Ladybirds or their grubs are at work here')->see('If it comes to a spray');
        expect($screen->axe())->toBe('');
        $look = $screen->all('[data-whether] button.act')[0]->getText();
        expect($look)->toStartWith('Look again on ');
        $screen->press($look)->see('Not sprayed for now: ladybirds or their grubs are at work.')->see('Spray after all');
        $screen->open('/')->see('Rose by the door');
        expect($screen->text())->not->toContain('Spray aphids');
        $served->passHours(73);
        $screen->open('/')->see('Count aphids');
        $screen->open("/cases/{$case}")->see('How many')->type('How many', '0')->press('Save the count')->see('is saved');
        $screen->open('/worked')->see('Aphids: Waiting worked 1 of 1 times, 1 of them with helpers there; 1 times none were left.');
        $screen->open("/cases/{$case}/choose")->see('Waiting worked 1 of 1 times');
        expect($screen->complaints())->toBe([]);
    }, 390, 844);
});
