<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Change;
use IdleMixer\Core\Photo\Measured;
use IdleMixer\Core\Photo\Tissue;
use IdleMixer\Core\Photo\TissuePicture;

function seen(float $injured, float $low, float $high): Measured
{
    return new Measured($injured, $low, $high, [], [], new TissuePicture(1, 1, []));
}

// By hand: halves of ranges add up as squares, 3 and 4 make 5; a leaf heals no burn, and holds no more than all of itself.
it('takes what was hurt before off what is hurt after', function (?array $before, array $after, array $expected): void {
    /**
     * @var array{float, float, float}|null $before
     * @var array{float, float, float}      $after
     */
    $found = Change::between($before === null ? null : seen(...$before), seen(...$after));
    expect([$found->injured, $found->low, $found->high])->toEqualWithDelta($expected, 1e-9);
})->with([
    'nothing before' => [null, [12.0, 10.0, 15.0], [12.0, 10.0, 15.0]],
    'down 3 and 4' => [[10.0, 8.0, 14.0], [30.0, 27.0, 31.0], [20.0, 15.0, 20.0 + sqrt(5.0)]],
    'up 5 and 12' => [[20.0, 8.0, 20.0], [40.0, 40.0, 45.0], [20.0, 20.0, 33.0]],
    'no less than nothing' => [[4.0, 1.0, 7.0], [6.0, 2.0, 10.0], [2.0, 0.0, 7.0]],
    'healed is nothing' => [[9.0, 8.0, 10.0], [5.0, 5.0, 5.0], [0.0, 0.0, 1.0]],
    'no more than all' => [[1.0, 0.0, 2.0], [98.0, 94.0, 100.0], [97.0, 97.0 - sqrt(17.0), 97.0 + sqrt(5.0)]],
    'all' => [[0.0, 0.0, 0.0], [99.0, 95.0, 103.0], [99.0, 95.0, 100.0]],
]);

it('tells tissue in runs, row by row', function (array $classes, string $runs): void {
    /** @var array<int, Tissue> $classes */
    expect((new TissuePicture(4, 2, $classes))->runs())->toBe($runs);
})->with([
    'no leaf' => [[], '8x0'],
    'one point' => [[0 => Tissue::Brown], '1x3 7x0'],
    'in the middle, over the end of a row' => [[2 => Tissue::Healthy, 3 => Tissue::Healthy, 4 => Tissue::Healthy, 5 => Tissue::Wet], '2x0 3x1 1x5 2x0'],
    'to the end' => [[6 => Tissue::Missing, 7 => Tissue::LeftOut], '6x0 1x6 1x7'],
    'each its own' => [[Tissue::Healthy, Tissue::Yellow, Tissue::Brown, Tissue::Bleached, Tissue::Wet, Tissue::Missing, Tissue::LeftOut, Tissue::LeftOut], '1x1 1x2 1x3 1x4 1x5 1x6 2x7'],
]);

it('counts as hurt what is not as it was', function (): void {
    $hurt = array_map(static fn(Tissue $one): string => $one->code(), array_filter(Tissue::cases(), static fn(Tissue $one): bool => $one->isInjured()));
    expect(array_values($hurt))->toBe(['yellow', 'brown', 'bleached', 'wet', 'missing'])
        ->and(array_map(static fn(Tissue $one): string => $one->code(), Tissue::told()))->toBe(['healthy', 'yellow', 'brown', 'bleached', 'wet', 'missing']);
});
