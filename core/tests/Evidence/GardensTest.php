<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Gardens\Measured;

/*
 * Gardens where the truth is known. The lines are what was asked for before any rule was written; `docs/evidence.md` has the
 * figures of the long run, written by `docs/measure-evidence.php`.
 */

it('holds the truth nineteen times of twenty, rounds of a case together', function (int $cases): void {
    $covered = Measured::coverage($cases, getenv('MIXER_LONG') === false ? 150 : 1_000);
    $slack = getenv('MIXER_LONG') === false ? 2.0 : 0.0;
    expect($covered['effect'])->toBeGreaterThanOrEqual(92.0 - $slack)->and($covered['share'])->toBeGreaterThanOrEqual(92.0 - $slack);
    if ($cases >= 3) {
        expect($covered['effect'])->toBeLessThanOrEqual(97.0 + $slack)->and($covered['share'])->toBeLessThanOrEqual(97.0 + $slack);
    }
})->with([[1], [2], [3], [4], [6], [8]]);

it('holds the truth however clumped the pest sits, and however few leaves are counted', function (float $k, int $leaves): void {
    $covered = Measured::clumped($k, $leaves, getenv('MIXER_LONG') === false ? 60 : 600);
    // 240 gardens scatter by 1.4 points of 95 % by chance, 2,400 by 0.45.
    $slack = getenv('MIXER_LONG') === false ? 2.6 : 0.9;
    expect($covered['round'])->toBeGreaterThanOrEqual(93.0 - $slack)->toBeLessThanOrEqual(97.0 + $slack)
        ->and($covered['share'])->toBeGreaterThanOrEqual(93.0 - $slack)->toBeLessThanOrEqual(97.0 + $slack);
})->with([[0.5], [2.0], [10.0]])->with([[3], [10], [40]]);

it('finds the better spray, says when it cannot, and is not fooled by a pest that goes by itself', function (): void {
    $found = Measured::gardens(500);
    expect($found['better first'])->toBeGreaterThanOrEqual(90.0)
        ->and($found['two rounds: not enough'])->toBeGreaterThanOrEqual(90.0)
        ->and($found['useless, kept'])->toBeLessThanOrEqual(5.0)
        ->and($found['useless, never compared, a week later, kept'])->toBeLessThanOrEqual(5.0)
        ->and($found['useless on a steady pest, dropped'])->toBeGreaterThanOrEqual(80.0)
        ->and($found['clean before burning'])->toBeGreaterThanOrEqual(90.0)
        ->and($found['good, kept'])->toBeGreaterThanOrEqual(75.0);
});
