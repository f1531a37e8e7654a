<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Newcomers stand apart for four weeks, are looked over as they come and once a week, and then stand with the others. Common practice, no
 * source.
 */
it('keeps newcomers apart for four weeks, looks them over once a week, and lets them go', function (int $width, int $height): void {
    $served = Served::newcomers();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/courses/new')->see('They are not here yet');
        if ($screen->all('details[open] input[name=fresh]') === []) {
            $screen->press('They are not here yet');
        }
        $screen->type('What are they?', 'Orchid')->type('Where do they stand?', 'The bathroom')->tick('Nothing: they are new, and stand apart');
        $screen->script('const many = document.querySelector("input[name=fresh-count]"); many.value = "3"; many.dispatchEvent(new Event("input", { bubbles: true }))');
        expect($screen->axe())->toBe('');
        $screen->press('Begin')->see('They stand apart until')->see('Look them over')->press('Look them over')->press('All 3 are clean')->see('3 looked over, all clean');
        expect($screen->axe())->toBe('');
        $course = $screen->path();
        $screen->press('Orchid 1')->see('It stands apart from the others')->open('/plants')->see('stands apart');
        expect($screen->axe())->toBe('');
        // The looks before say the same: the next week begins once this one is kept.
        $kept = static function (int $looks) use ($screen): void {
            $screen->until(static fn(): bool => substr_count($screen->shown(), '3 looked over, all clean') === $looks, "There are no {$looks} looks.");
        };
        for ($week = 1; $week <= 4; ++$week) {
            $served->passHours(7 * 24);
            $screen->open('/')->see('Look over The bathroom (3 plants)')->press('Look over The bathroom (3 plants)')->press('All 3 are clean');
            $kept($week + 1);
        }
        $screen->see('All 3 are clear')->see('Four weeks without a find');
        $screen->open('/')->see('Clear of pests: The bathroom (3 plants)');
        expect($screen->axe())->toBe('');
        $screen->open($course)->press('They stand with the others now')->see('Ended');
        $screen->open('/');
        expect($screen->text())->not->toContain('The bathroom')->and($screen->complaints())->toBe([]);
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);
