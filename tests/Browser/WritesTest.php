<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Each household reads hours, days, numbers and the weather as it writes them itself, on every screen.
 */

/** Everything that stands on a screen, what is told to whoever does not see it, and what is folded away. */
const ALL_THAT_IS_SAID = <<<'JS'
    document.querySelectorAll('details').forEach((one) => { one.open = true; });
    const labels = [...document.querySelectorAll('main [aria-label]')].map((one) => one.getAttribute('aria-label'));
    const fields = [...document.querySelectorAll('main option, main textarea')];
    fields.forEach((one) => one.remove());
    return [document.querySelector('main').innerText, ...labels].join('\n');
    JS;

// What was written down when a batch was mixed, and on its label, stays as it was written.
const WRITTEN_SCREENS = ['/', '/bench', '/bench?case=5', '/batches', '/plants', '/plants/2', '/leaf-tests/7', '/cases/6', '/cases/6/choose', '/worked', '/trials', '/sprayers/2', '/recipes/compare?left=kitchen-oil-by-the-quart&right=neem-leaf-spray', '/sums', '/day', '/shelf'];

/** @return list<string> what is written another way, with where */
function writtenElse(string $habits, string $pattern): array
{
    $found = [];
    Screen::with(Served::elsewhere(), static function (Screen $screen) use ($habits, $pattern, &$found): void {
        $screen->whole('/shed');
        $screen->later("const done = arguments[0]; fetch('/api/household').then((one) => one.json()).then((was) => fetch('/api/household', { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ basedOn: was.version, kitchen: was.kitchen, byEye: {}, writes: {$habits} }) })).then(() => done())");
        foreach (WRITTEN_SCREENS as $path) {
            $said = $screen->whole($path)->script(ALL_THAT_IS_SAID);
            preg_match_all($pattern, is_string($said) ? $said : '', $all);
            foreach (array_unique($all[0]) as $one) {
                $found[] = "{$path}: {$one}";
            }
        }
    });

    return $found;
}

it('writes every screen as a US household does', function (): void {
    $us = "{ clock: '12', warmth: 'F', wind: 'mph', rain: 'in', decimal: 'point', dates: 'month-first' }";
    // °C, km/h, mm of rain, hours past noon by 24, the day before its month.
    expect(writtenElse($us, '#.{0,30}(?:\d ?°C(?!\) or below)|km/h|rain \d[\d.]* mm|\b(?:0\d|1[3-9]|2[0-3]):\d\d\b|\b\d{1,2} (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Sept|Oct|Nov|Dec)[a-z]*\b).{0,20}#u'))->toBe([]);
});

it('writes every screen with a comma where the household does', function (): void {
    $comma = "{ clock: '24', warmth: 'C', wind: 'km/h', rain: 'mm', decimal: 'comma', dates: 'day-first' }";
    expect(writtenElse($comma, '#.{0,30}\d\.\d.{0,20}#u'))->toBe([]);
});

it('proposes what the browser writes to a household that never said, and keeps what is chosen', function (): void {
    Screen::with(Served::empty(), static function (Screen $screen): void {
        $screen->inLanguage('en-US')->whole('/shed')->until(static fn(): bool => str_contains((string) json_encode($screen->script('return document.cookie')), 'writes=12'), 'Nothing was proposed.');
        expect($screen->whole('/shed')->script("return document.querySelector('meta[name=writes]').content"))->toBe('12 F mph in point month-first');
        $screen->press('What words mean here')->choose('Hours', '17:00')->press('Keep')
            ->until(static fn(): bool => $screen->script("return document.querySelector('meta[name=writes]')?.content") === '24 F mph in point month-first', 'What was chosen is not how it is written.');
        expect($screen->complaints())->toBe([]);
    });
});
