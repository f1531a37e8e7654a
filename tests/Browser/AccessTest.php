<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Who works without a mouse, without eyes on the page, with colours of their own or letters four times the size.
 */

it('takes figures that are typed between the fields of a count, and stays on the screen', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->whole('/')->see('Lemon in the tub');
        $screen->script("document.querySelector('[data-plant=\"2\"] [aria-label^=\"One more\"]').focus()");
        $screen->driver->switchTo()->activeElement()->sendKeys('4');
        $screen->driver->switchTo()->activeElement()->sendKeys('2');
        expect($screen->path())->toBe('/')
            ->and($screen->script("return document.querySelector('[data-plant=\"2\"] input').value"))->toBe('42');
        // Elsewhere the same key is one of ours.
        $screen->script('document.activeElement.blur()');
        $screen->driver->getKeyboard()->sendKeys('2');
        $screen->until(static fn(): bool => $screen->path() === '/bench', 'The key did not lead to the bench.');
    });
});

it('names the field that failed, marks it and puts the focus there, until it is changed', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->whole('/shed')->press('Add a sprayer')->press('Another sprayer')->type('Name', 'Leaky can')->type('Holds', '0')->press('Add');
        $screen->until(static fn(): bool => $screen->script("return document.activeElement.getAttribute('aria-invalid')") === 'true', 'No field was marked.');
        $at = $screen->script('const e = document.activeElement; return [e.name, document.getElementById(e.getAttribute("aria-describedby").split(" ").at(-1)).getAttribute("role")]');
        expect($at)->toBe(['amount', 'alert']);
        $screen->driver->switchTo()->activeElement()->sendKeys('5');
        expect($screen->script("return document.querySelectorAll('[aria-invalid=true]').length"))->toBe(0);
    });
});

it('gives way with its apron and its frame where letters are four times the size', function (string $path): void {
    Screen::with(Served::demo(), static function (Screen $screen) use ($path): void {
        $screen->whole($path);
        // 1280 x 800 at 400 %.
        $screen->resize(320, 200);
        $covering = $screen->script("return [...document.querySelectorAll('body *')].filter((one) => ['fixed', 'sticky'].includes(getComputedStyle(one).position) && one.checkVisibility() && one.getBoundingClientRect().height > 40 && one.getBoundingClientRect().width > 200).map((one) => one.outerHTML.slice(0, 90))");
        expect($covering)->toBe([])
            ->and($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
    });
})->with(['/', '/bench', '/batches/19', '/cases/6', '/worked']);

it('shows curves, hours and intervals in the colours that somebody forces', function (string $path, string $drawn, int $least): void {
    Screen::with(Served::demo(), static function (Screen $screen) use ($path, $drawn, $least): void {
        $screen->forcedColours();
        $screen->whole($path);
        usleep(600_000);
        $seen = $screen->script(<<<JS
            const wall = getComputedStyle(document.body).backgroundColor;
            return [...document.querySelectorAll('{$drawn}')].filter((one) => one.checkVisibility()).map((one) => {
                const style = getComputedStyle(one);
                const inks = [style.fill, style.stroke, style.backgroundColor, style.borderTopColor].filter((ink) => ink !== 'none' && ink !== 'rgba(0, 0, 0, 0)');
                return inks.some((ink) => ink !== wall && ink !== 'transparent');
            });
            JS);
        $seen = is_array($seen) ? $seen : [];
        expect(count($seen))->toBeGreaterThanOrEqual($least)->and($seen)->not->toContain(false);
    });
})->with([
    'the rows' => ['/', '[data-row] path, [data-row] circle, [data-row] rect', 30],
    'what worked' => ['/worked', '[data-interval], [data-round], .cell path', 15],
    'the day' => ['/day', 'main svg rect, [data-hour=good], [data-hour=workable]', 5],
    'a case' => ['/cases/6', '[data-row] path, [data-row] circle', 10],
]);
