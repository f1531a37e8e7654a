<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\ThreeEquations;

/**
 * @param list<array{float, float, float, float}> $points two places, weight and value
 *
 * @return array{float, float, float}
 */
function plane(array $points, float $ridge = 1e-12): array
{
    $sums = new ThreeEquations($ridge);
    foreach ($points as [$u, $v, $weight, $value]) {
        $sums->add($u, $v, $weight, $value);
    }

    return $sums->solved();
}

// z = 2 + 3u - 5v, by hand.
it('finds the plane that points lie on, whatever they weigh', function (): void {
    expect(plane([[0.0, 0.0, 1.0, 2.0], [1.0, 0.0, 2.0, 5.0], [0.0, 1.0, 0.5, -3.0], [2.0, 3.0, 4.0, -7.0], [-1.0, 2.0, 1.0, -11.0]]))
        ->toEqualWithDelta([2.0, 3.0, -5.0], 1e-9);
});

// Four points weigh 1 and 3 in one place: their mean is 4; the two others hold the slopes.
it('weighs points that contradict each other', function (): void {
    expect(plane([[0.0, 0.0, 1.0, 1.0], [0.0, 0.0, 3.0, 5.0], [1.0, 0.0, 1.0, 6.0], [0.0, 1.0, 1.0, 6.0]]))->toEqualWithDelta([4.0, 2.0, 2.0], 1e-9);
});

it('holds a solution where the points lie on a line', function (): void {
    [$middle, $along, $across] = plane([[-1.0, 0.0, 1.0, 0.0], [0.0, 0.0, 1.0, 1.0], [1.0, 0.0, 1.0, 2.0]], 1e-9);
    expect($middle)->toEqualWithDelta(1.0, 1e-6)->and($along)->toEqualWithDelta(1.0, 1e-6)->and($across)->toBe(0.0);
});

it('is flat at nothing where it knows nothing', function (): void {
    expect(plane([], 0.0))->toBe([0.0, 0.0, 0.0]);
});
