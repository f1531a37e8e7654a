<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Opens the days that one has, on spray day. */
function daysOneHas(Screen $screen): void
{
    $screen->open('/day')->see('Days you have');
    $screen->script('[...document.querySelectorAll("summary")].find((one) => one.textContent.trim() === "Days you have").click()');
    $screen->see('On which weekdays');
}

/** @return mixed 1 for each weekday that is ticked, 0 for each that is not, Monday first */
function weekdaysTicked(Screen $screen): mixed
{
    return $screen->script('return [...document.querySelectorAll("[data-free-days] input[type=checkbox]")].map((one) => one.checked ? 1 : 0).join("")');
}

it('keeps the weekdays that one has and when one is away', function (int $width, int $height): void {
    Screen::with(Served::season(), static function (Screen $screen) use ($width, $height): void {
        $screen->resize($width, $height);
        daysOneHas($screen);
        $before = weekdaysTicked($screen);
        $screen->tick('Mon')->tick('Tue');
        $turned = weekdaysTicked($screen);
        expect($turned)->not->toBe($before);
        // Dates are typed into a field of the browser, which writes them as the device does.
        $screen->script("const set = (name, value) => { const field = document.querySelector(`[data-free-days] [name=\${name}]`); field.value = value; field.dispatchEvent(new Event('input', { bubbles: true })); }; set('from', '2027-01-04'); set('until', '2027-01-09')");
        $screen->press('Add')->see('to Sat');
        expect($screen->axe())->toBe('');
        $screen->press('Keep these days')->settle();
        daysOneHas($screen);
        expect(weekdaysTicked($screen))->toBe($turned)->and($screen->complaints())->toBe([]);
        $screen->see('to Sat');
        $screen->press('Remove Mon 4 Jan to Sat 9 Jan');
        $screen->tick('Mon')->tick('Tue')->press('Keep these days')->settle();
        daysOneHas($screen);
        expect(weekdaysTicked($screen))->toBe($before)->and($screen->text())->not->toContain('to Sat 9');
    });
})->with([[1280, 800], [390, 844]]);
