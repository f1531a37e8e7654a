<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Leaves\Leaves;
use IdleMixer\Core\Tests\Support\Leaves\Measurement;

/*
 * Made leaves whose injured area is counted pixel by pixel before light, paper and camera come over it. Here a few of each kind;
 * `./check --long` measures all and writes docs/photographs.md.
 */

/** Numbers of leaves: straw, yellow, mixed, wet in a hard shadow, brown, and nothing wrong. */
const FEW = [2, 10, 16, 20, 24, 30];

it('measures made leaves within three points of what was counted, says its range, and says when it is unsure', function (): void {
    $all = array_map(static fn(int $n): Measurement => Measurement::of(Leaves::one($n)), FEW);
    foreach ($all as $one) {
        $what = "leaf {$one->made->seed}: {$one->truth} % true, {$one->injured} % measured";
        expect($one->injured)->not->toBeNull($what);
        expect($one->unsure ? 0.0 : abs($one->off()))->toBeLessThanOrEqual(3.0, $what)
            ->and(abs($one->off()))->toBeLessThanOrEqual(8.0, $what);
        if ($one->truth === 0.0 && ! $one->unsure) {
            expect($one->injured)->toBeLessThanOrEqual(1.0, $what);
        }
    }
    $covered = count(array_filter($all, static fn(Measurement $one): bool => $one->isCovered()));
    expect($covered)->toBeGreaterThanOrEqual((int) ceil(0.8 * count($all)));
});
