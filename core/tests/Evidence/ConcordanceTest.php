<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Concordance;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\InvalidCount;

// Lin (1989), by hand: x = 1, 2, 3 and y = 2, 3, 4 have variances 2/3 and covariance 2/3, means 2 and 3: 2 (2/3) / (2/3 + 2/3 + 1) = 4/7.
it('reckons Lin’s concordance as by hand', function (): void {
    $shifted = Concordance::of([[1.0, 2.0], [2.0, 3.0], [3.0, 4.0]]);
    expect($shifted->coefficient)->toEqualWithDelta(4.0 / 7.0, 1e-12)->and($shifted->bias)->toBe(-1.0)
        ->and(Concordance::of([[1.0, 1.0], [5.0, 5.0]])->coefficient)->toBe(1.0)
        ->and(Concordance::of([[1.0, 3.0], [3.0, 1.0]])->coefficient)->toBe(-1.0)
        ->and(Concordance::of([[2.0, 2.0]])->coefficient)->toBeNull();
});

// binom.test of R 4.2.2: exact intervals by Clopper and Pearson (1934).
it('agrees with a reference library on exact intervals', function (int $of, int $trials, float $low, float $high): void {
    $interval = Interval::exact($of, $trials);
    expect($interval->low)->toEqualWithDelta($low, 1e-6)->and($interval->high)->toEqualWithDelta($high, 1e-6);
})->with([[0, 3, 0.0, 0.7075982], [8, 10, 0.4439045, 0.9747893], [3, 20, 0.03207094, 0.3789268], [5, 5, 0.4781762, 1.0]]);

// Hanley and Lippman-Hand (1983): none of 3 still allows 63.2 %.
it('bounds what none of a few allows', function (): void {
    expect(Interval::noneOf(3)->high)->toEqualWithDelta(0.632, 0.0005)
        ->and(static fn() => Interval::exact(0, 0))->toThrow(InvalidCount::class)
        ->and(static fn() => Interval::exact(4, 3))->toThrow(InvalidCount::class);
});
