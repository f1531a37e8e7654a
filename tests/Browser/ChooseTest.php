<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Goes on with the tab key until the focus is on what bears this name. */
function tabTo(Screen $screen, string $name): void
{
    $screen->until(static function () use ($screen, $name): bool {
        $screen->driver->switchTo()->activeElement()->sendKeys(WebDriverKeys::TAB);
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
        $screen->see('Perhaps aphids: see why');
        tabTo($screen, 'Yes: Look at the youngest tips');
        $keys(WebDriverKeys::ENTER);
        $screen->see('Likely aphids')->see('The chance is among what is listed here');
        tabTo($screen, 'On which plant');
        $keys('Sweet');
        tabTo($screen, 'Open a case: aphids');
        $keys(WebDriverKeys::ENTER);
        $screen->see('Aphids: contain, then choose')->see('Stood next to it')->see('Sprays that fit, best first');
        $case = (int) preg_replace('/\D/', '', $screen->path());
        tabTo($screen, 'The plant and its place');
        $keys(WebDriverKeys::SPACE);
        tabTo($screen, 'In open flower');
        $keys(WebDriverKeys::SPACE);
        $screen->until(static fn(): bool => $screen->all('[data-option]') !== [] && $screen->all('[data-option="mild-soap"]') === [], 'A leaf spray is proposed on open flowers.');
        $keys(WebDriverKeys::SPACE);
        $screen->see('take in turn');
        $best = $screen->all('[data-option] h3')[0]->getText();
        tabTo($screen, "Take {$best} to the bench");
        $keys(WebDriverKeys::ENTER);
        $screen->see('Start mixing')->see('What was checked');
        expect($screen->script('return document.querySelector("select[aria-label=For]").selectedOptions[0].innerText'))->toBe('Aphids on Sweet bay')
            ->and($screen->driver->getCurrentURL())->toContain("case={$case}")
            ->and($screen->complaints())->toBe([]);
    }, 390, 844);
});

it('flags a spray that cannot work when somebody takes it all the same', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?case=5&recipe=mild-soap&sprayer=2')->see('nothing in it works on them')->see('Mix it all the same');
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
