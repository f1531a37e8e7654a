<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Opens what is seen ahead of the mites of the demo, at the days that are chosen. */
function choosingDays(Screen $screen): void
{
    $screen->open('/cases/6')->see('Seen ahead');
    $screen->script('document.querySelector("[data-seen-ahead] summary").click()');
    $screen->see('Left alone:')->press('Choose the days')->see('Have it so');
    reckoned($screen);
}

/** Waits until what comes of the days that are chosen is there. */
function reckoned(Screen $screen): void
{
    $screen->until(static fn(): bool => $screen->script('return [...document.querySelectorAll("[data-move-rounds] button.act")].some((one) => ! one.disabled)') === true, 'What comes of these days is never told.');
}

/** The name of the first button whose name ends so. */
function firstThat(Screen $screen, string $ends): string
{
    $name = $screen->script("return [...document.querySelectorAll('[data-move-rounds] button')].map((one) => one.getAttribute('aria-label') ?? '').find((one) => one.endsWith('{$ends}'))");

    return is_string($name) ? $name : '';
}

/** @return list<string> days of the rounds that are drawn */
function drawnRounds(Screen $screen): array
{
    $days = $screen->script('return [...document.querySelectorAll("[data-handle]")].map((one) => one.dataset.handle)');

    return is_array($days) ? array_values(array_filter($days, is_string(...))) : [];
}

it('lets a round be dragged, shows what comes of it under the finger, and makes it the course', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        choosingDays($screen);
        $before = drawnRounds($screen);
        $says = 'return document.querySelector("[data-move-rounds] [role=status]").textContent';
        $words = $screen->script($says);
        $band = 'return document.querySelector("[data-band]").getAttribute("d")';
        $was = $screen->script($band);
        $screen->script('document.querySelector("[data-ahead-drawing]").scrollIntoView()');
        // The finger is still on it: the band has gone with it, and nothing was asked meanwhile.
        $asked = 'return performance.getEntriesByType("resource").filter((one) => one.name.includes("rounds-ahead")).length';
        $already = $screen->script($asked);
        $screen->drag($screen->all('[data-handle]')[0], 120);
        expect(drawnRounds($screen)[0])->toBeGreaterThan($before[0])->and($screen->script($band))->not->toBe($was)->and($screen->script($asked))->toBe($already);
        $screen->letGo();
        reckoned($screen);
        $dragged = drawnRounds($screen);
        expect($dragged[0])->toBeGreaterThan($before[0]);
        $now = $screen->script($says);
        expect($now)->not->toBe('')->and($now)->not->toBe($words);
        $screen->press('Take the best');
        reckoned($screen);
        $best = drawnRounds($screen);
        expect(count($best))->toBeGreaterThan(1);
        $screen->press('Have it so')->see('As its school has it');
        // It is the course: Today, the case and its plan name the same day.
        $screen->settle();
        $screen->open('/cases/6')->see('Seen ahead');
        $planned = $screen->script('return fetch("/api/cases/6/seen-ahead").then((answer) => answer.json()).then((seen) => seen.outlooks.find((one) => one.kind === "planned").rounds)');
        expect($planned)->toBe($best);
        $screen->script('document.querySelector("[data-seen-ahead] summary").click()');
        $screen->see('As its school has it')->press('As its school has it')->see('Take the best');
        expect($screen->complaints())->toBe([]);
    });
});

it('does the same by buttons at the width of a phone, and by the keyboard', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        choosingDays($screen);
        $before = drawnRounds($screen);
        $screen->press(firstThat($screen, ': later'));
        reckoned($screen);
        expect(drawnRounds($screen)[0])->toBeGreaterThan($before[0]);
        // The arrow keys, on the round that has the focus, take it back.
        $screen->script('document.querySelector("[data-handle]").focus()');
        $screen->keys(WebDriverKeys::ARROW_LEFT);
        reckoned($screen);
        expect(drawnRounds($screen))->toBe($before);
        expect($screen->script('return document.activeElement.getAttribute("aria-valuetext")'))->toContain('round');
        $screen->press('One more');
        reckoned($screen);
        expect(count(drawnRounds($screen)))->toBe(count($before) + 1);
        $screen->press(firstThat($screen, ': leave out'));
        reckoned($screen);
        expect(count(drawnRounds($screen)))->toBe(count($before));
        expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0)
            ->and($screen->script('return [...document.querySelectorAll("[data-move-rounds] button")].filter((one) => one.getBoundingClientRect().height < 43.5).length'))->toBe(0)
            ->and($screen->axe())->toBe('')->and($screen->complaints())->toBe([]);
        $screen->press('Never mind')->see('Choose the days');
    }, 390, 844);
});
