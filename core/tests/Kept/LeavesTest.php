<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\LeafDrawer;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Tests\Support\Leaves\Leaves;
use IdleMixer\Core\Tests\Support\Leaves\Measurement;

it('measures a made leaf as it did when that was read through', function (int $n): void {
    $one = Measurement::of(Leaves::one($n));
    // JPEG is read a little otherwise by another version of its library.
    $figures = array_map(static fn(?float $figure): ?float => $figure === null ? null : round($figure), [$one->truth, $one->injured, $one->low, $one->high]);
    expect(Kept::change("leaf-{$n}", [$figures, $one->unsure, $one->because]))->toBe('');
})->with([[1], [7], [13], [23]]);

it('draws the leaves that it drew when they were read through', function (): void {
    $drawn = [];
    foreach (LeafShape::cases() as $shape) {
        foreach ([0.0, 3.0, 25.0, 70.0, 100.0] as $i => $share) {
            $leaf = LeafDrawer::draw($shape, $share, 7 * $i + 1);
            $drawn["{$shape->value} {$share}"] = ['share' => $leaf->share, 'patches' => count($leaf->patches), 'first' => array_slice($leaf->patches, 0, 1), 'outline' => count($leaf->outline), 'veins' => count($leaf->veins)];
        }
    }
    expect(Kept::change('drawings', $drawn))->toBe('');
});
