<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Devices;

/*
 * A device whose clock is wrong, without a line: what it enters is taken when the line is back, and dated by the hour at which it
 * was really entered.
 */

/** @return int seconds since 1970 of the count with this value; 0 where none is there */
function countedAtHour(string $address, int $value): int
{
    foreach ((array) Devices::one($address, new Call('GET', '/api/cases/6', []))->at('counts') as $count) {
        if (is_array($count) && in_array($count['value'], [$value, (float) $value], true) && is_string($count['countedAt'])) {
            return (int) strtotime($count['countedAt']);
        }
    }

    return 0;
}

/** Opens what a total is entered in, however it was counted last. */
function totalOf(Screen $screen, int $value): Screen
{
    $screen->until(static fn(): bool => $screen->script(<<<'JS'
        const form = document.querySelector('#look');
        const details = form === null ? [...document.querySelectorAll('details')].find((one) => one.querySelector('summary').textContent.trim() === 'Count') : form.closest('details') ?? form;
        if (details && !details.open) { details.open = true; }
        const total = [...document.querySelectorAll('label')].find((one) => one.textContent.includes('Only a total'))?.querySelector('input');
        if (total && !total.checked) { total.click(); }
        return total?.checked ?? false;
        JS) === true, 'Nothing is there to enter a total in.');

    return $screen->type('How many', (string) $value);
}

it('dates a count by the hour of the machine, whatever the clock of the phone says', function (int $off, string $zone, string $says): void {
    $served = Served::season();
    Screen::with($served, static function (Screen $screen) use ($served, $off, $zone, $says): void {
        $screen->inZone($zone);
        // The browser's clock is moved, before any script of the page reads it.
        $screen->before(<<<JS
            {
                const Real = Date;
                const off = {$off} * 1000;
                globalThis.Date = class extends Real {
                    constructor(...said) { if (said.length === 0) { super(Real.now() + off); } else { super(...said); } }
                    static now() { return Real.now() + off; }
                };
            }
            JS);
        $value = 2 * random_int(1_000, 400_000);
        $screen->open('/cases/6')->see('Counts');
        $screen->cutLine();
        totalOf($screen, $value)->press('Save the count')->see("A count of {$value} is kept on this device");
        $entered = time();
        sleep(2);
        $screen->mendLine();
        $screen->nothingWaits();
        expect(abs(countedAtHour($served->address, $value) - $entered))->toBeLessThan(60);
        if ($says === '') {
            expect($screen->text())->not->toContain('The clock of this device is');
        } else {
            $screen->see("the hour that it shows is {$says}.");
            expect($screen->axe())->toBe('');
        }
        // An hour that is said by that clock is what was meant: an hour ago is an hour before now.
        totalOf($screen->open('/cases/6')->see('Counts'), $value + 1)->press('Earlier')->press('1 hour ago')->press('Save the count')->see('The count of ' . ($value + 1));
        expect(abs(countedAtHour($served->address, $value + 1) - (time() - 3600)))->toBeLessThan(120);
    });
})->with([
    'a day ahead' => [86_400, 'UTC', 'in 24 hours'],
    'a day behind' => [-86_400, 'UTC', '24 hours ago'],
    'three minutes ahead' => [180, 'UTC', 'in 3 minutes'],
    'right, in another zone, where the clocks change in spring and autumn' => [0, 'America/St_Johns', ''],
    // From the end of November on to the summer time of the south, half a year back to that of the north.
    'half a year behind, on the other side of a change' => [-15_746_400, 'Europe/Berlin', '182 days ago'],
]);
