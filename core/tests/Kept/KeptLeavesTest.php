<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\LeafPhotos;
use IdleMixer\Core\Leaf\LeafDrawer;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Tests\Support\Leaves\Camera;
use IdleMixer\Core\Tests\Support\Leaves\Leaves;
use IdleMixer\Core\Tests\Support\Leaves\Painter;

it('measures a made leaf as it did when that was read through', function (int $n): void {
    $made = Leaves::one($n);
    [$picture, $truth] = (new Painter($made))->paint();
    // Not as JPEG, which another version of its library reads a little otherwise.
    ob_start();
    imagepng(Camera::seen($picture, $made), null, 1);
    $found = LeafPhotos::answer((string) ob_get_clean(), null);
    expect(Kept::change("leaf-{$n}", ['truth' => round($truth, 1), ...$found]))->toBe('');
})->with([
    // Lights, papers, hurts and colours, as `Leaves` draws them by lot.
    'round, variegated, half yellow, lined paper' => [12],
    'compound, yellow, soft shadow' => [23],
    'lobed, of several hurts, blue paper' => [34],
    'lance, pale veins, straw, glare' => [46],
]);

it('draws the leaves that it drew when they were read through', function (): void {
    $drawn = [];
    foreach (LeafShape::cases() as $shape) {
        foreach ([0.0, 3.0, 25.0, 70.0, 100.0] as $i => $share) {
            $leaf = LeafDrawer::draw($shape, $share, 7 * $i + 1);
            $drawn["{$shape->value} {$share}"] = sprintf('%.2f %% in %d patches, first %s, outline of %d, %d veins', $leaf->share, count($leaf->patches), substr(md5(json_encode(array_slice($leaf->patches, 0, 1), \JSON_THROW_ON_ERROR)), 0, 8), count($leaf->outline), count($leaf->veins));
        }
    }
    expect(Kept::change('drawings', $drawn))->toBe('');
});
