<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

it('lets somebody keep a made-up season in a few taps, and shows the mistake that was made', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/season?garden=4')->see('A season in five minutes')->see('Day 0 of 56');
        expect($screen->axe())->toBe('');
        $screen->press('Spray');
        $many = static fn(string $css, int $count) => $screen->until(static fn(): bool => count($screen->all($css)) === $count, "There are never {$count} of {$css}.");
        $many('[data-season] [data-round]', 1);
        // Once a day is enough; the next day it may be sprayed again.
        expect($screen->script('return [...document.querySelectorAll("button")].find((one) => one.textContent.trim() === "Spray").disabled'))->toBeTrue();
        $screen->press('A week passes')->see('Day 7 of 56')->press('Look');
        $many('[data-season] circle', 2);
        for ($week = 2; $week <= 7; ++$week) {
            $screen->press('A week passes')->see('Day ' . 7 * $week . ' of 56');
        }
        $screen->see('nothing is sprayed any more')->press('A week passes')->see('The 56 days are over.');
        // What there really was, beside what another way would have left.
        expect($screen->all('[data-season] [data-truth]'))->toHaveCount(1)->and($screen->all('[data-season] [data-other]'))->toHaveCount(1)
            ->and($screen->script('return document.querySelector("[data-outcome]").textContent'))->not->toBe('');
        $screen->see('One round and done')->see('rounds');
        expect($screen->script('return document.querySelector("[data-other]").dataset.other'))->toBe('one-and-done');
        $screen->script('document.querySelector("input[value=best]").click()');
        $screen->settle();
        expect($screen->script('return document.querySelector("[data-other]").dataset.other'))->toBe('best')
            ->and($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0)
            ->and($screen->axe())->toBe('')->and($screen->complaints())->toBe([]);
        $screen->press('The same again')->see('Day 0 of 56');
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);
