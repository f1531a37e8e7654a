<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Wording\LeavesIn;

/*
 * After n clean leaves as many as 1 - 0.05^(1/n) of all may burn: the exact bound of Clopper and Pearson for none of n, from memory. By hand:
 * 3 leaves 63.2 %, 6 leaves 39.3 %, 10 leaves 25.9 %, 30 leaves 9.5 %, 59 leaves 5.0 %. What is said is the next share above.
 */
it('says how many leaves may still burn after so many clean ones', function (int $leaves, string $share): void {
    expect(LeavesIn::percent(100.0 * Interval::noneOf($leaves)->high))->toBe($share);
})->with([
    [1, 'every leaf'],
    [3, 'two leaves in three'],
    [6, 'two leaves in five'],
    [10, 'one leaf in three'],
    [13, 'one leaf in four'],
    [30, 'one leaf in ten'],
    [59, 'one leaf in twenty'],
    [300, 'one leaf in a hundred'],
]);

it('never says fewer than it is, by more than half a percent', function (): void {
    foreach (['one leaf in a hundred' => 1.4, 'one leaf in ten' => 10.4, 'every other leaf' => 50.4, 'two leaves in three' => 66.7, 'every leaf' => 120.0] as $share => $percent) {
        expect(LeavesIn::percent($percent))->toBe($share);
    }
    expect(LeavesIn::percent(10.6))->toBe('one leaf in seven')->and(LeavesIn::percent(0.0))->toBe('one leaf in a hundred');
});
