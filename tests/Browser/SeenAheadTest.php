<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

it('shows how a case is expected to go on, drawn, in words and in figures, at both widths and for a reader', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/cases/6')->see('Seen ahead');
        $screen->script('document.querySelector("[data-seen-ahead] summary").click()');
        $screen->see('Left alone:')->see('As planned:')->see('At best, with');
        // One line for each way to go on, and one band.
        expect($screen->all('[data-ahead-drawing] [data-way]'))->toHaveCount(3)->and($screen->all('[data-ahead-drawing] [data-band]'))->toHaveCount(1);
        expect($screen->script('return JSON.stringify([...document.querySelectorAll("[data-way]")].map((way) => (way.getAttribute("d").match(/[ML]/g) ?? []).length))'))->toBe('[43,43,43]')
            ->and($screen->script('return document.querySelector("[data-ahead-drawing] svg").getAttribute("aria-label")'))->toContain('Left alone: ')->toContain('As planned: ');
        $screen->script('document.querySelector("[data-seen-ahead] details summary").click()');
        $screen->see('(');
        expect($screen->all('[data-seen-ahead] tbody tr'))->toHaveCount(7);
        // On paper stand the drawing and the days, and no buttons.
        $shown = static fn(string $css): mixed => $screen->script("return [...document.querySelectorAll('{$css}')].some((one) => one.checkVisibility() && one.getBoundingClientRect().height > 0)");
        expect($shown('[data-seen-ahead] button'))->toBeTrue();
        $screen->onPaper();
        expect($shown('[data-ahead-drawing] [data-band]'))->toBeTrue()->and($shown('[data-outlook=fewest] .numeral'))->toBeTrue()->and($shown('[data-seen-ahead] button'))->toBeFalse();
        $screen->offPaper();
        // Nothing runs out of the screen.
        expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
        expect($screen->axe())->toBe('');
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);
