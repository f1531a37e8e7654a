<?php

declare(strict_types=1);

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Leaf\DrawnLeaf;
use IdleMixer\Core\Leaf\EyeCorrection;
use IdleMixer\Core\Leaf\EyeTest;
use IdleMixer\Core\Leaf\LeafDrawer;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\WrittenLeaf;
use IdleMixer\Core\Wording\EyeWords;

/** Percent of a drawn leaf that is hurt, counted on a drawing of 1,600 pixels by another hand: GD fills the polygons. */
function countedShare(DrawnLeaf $leaf): float
{
    $side = 1600;
    /** @return list<int> */
    $flat = static function (mixed $polygon) use ($side): array {
        $points = [];
        foreach (is_array($polygon) ? $polygon : [] as $point) {
            assert(is_array($point) && is_float($point[0] ?? null) && is_float($point[1] ?? null));
            array_push($points, (int) round($point[0] * $side), (int) round($point[1] * $side));
        }

        return $points;
    };
    $blade = imagecreatetruecolor($side, $side);
    $hurt = imagecreatetruecolor($side, $side);
    foreach ($leaf->outline as $polygon) {
        imagefilledpolygon($blade, $flat($polygon), 1);
    }
    foreach ($leaf->patches as $polygon) {
        imagefilledpolygon($hurt, $flat($polygon), 1);
    }
    $all = 0;
    $both = 0;
    for ($y = 0; $y < $side; $y += 4) {
        for ($x = 0; $x < $side; $x += 4) {
            if (imagecolorat($blade, $x, $y) === 1) {
                ++$all;
                $both += imagecolorat($hurt, $x, $y) === 1 ? 1 : 0;
            }
        }
    }

    return 100.0 * $both / $all;
}

it('draws every reference leaf within half a point of its label', function (LeafShape $shape): void {
    foreach (LeafLines::DRAWN['value'] as $share) {
        $drawn = LeafDrawer::draw($shape, $share, (int) $share + 1);
        expect($drawn->share)->toEqualWithDelta($share, 0.05)
            ->and(countedShare($drawn))->toEqualWithDelta($share, 0.5);
    }
})->with(array_map(static fn(LeafShape $shape): array => [$shape], LeafShape::cases()));

it('draws the same leaf for the same number, and another for another', function (): void {
    $path = static fn(int $seed): string => DrawnLeaf::path(LeafDrawer::draw(LeafShape::Oval, 10.0, $seed)->patches, true);
    expect($path(5))->toBe($path(5))->and($path(5))->not->toBe($path(6));
});

it('trains an eye on ten leaves, new for every number', function (): void {
    $shares = static fn(int $seed): array => array_map(static fn(DrawnLeaf $leaf): float => $leaf->share, EyeTest::of(LeafShape::Heart, $seed)->leaves());
    $one = $shares(1);
    expect($one)->toHaveCount(10)->and($one)->not->toBe($shares(2))
        ->and(count(array_filter($one, static fn(float $share): bool => $share < 20.0)))->toBeGreaterThan(4)
        ->and(array_filter($one, static fn(float $share): bool => $share > 90.0))->toBe([]);
});

// The leaves an eye is to be trained on, our own: three below 5 %, seven below a fifth, none dead. Chance moves each by up to a quarter either way, and the mean of many by little.
it('trains an eye where it matters, with leaves of every share up to two thirds', function (): void {
    $sums = array_fill(0, 10, 0.0);
    foreach (range(1, 16) as $seed) {
        $shares = array_map(static fn(DrawnLeaf $leaf): float => $leaf->share, EyeTest::of(LeafShape::Oval, $seed)->leaves());
        sort($shares);
        expect(count(array_filter($shares, static fn(float $share): bool => $share < 0.75 * 0.8 - 0.1 || $share > 1.25 * 68.0 + 1.0)))->toBe(0);
        foreach ($shares as $n => $share) {
            $sums[$n] += $share / 16.0;
        }
    }
    foreach ([0.8, 2.0, 3.5, 6.0, 9.0, 13.0, 18.0, 28.0, 45.0, 68.0] as $n => $wanted) {
        expect($sums[$n])->toEqualWithDelta($wanted, 0.1 * $wanted, "leaf {$n}");
    }
});

// Hand reckoning: read 8 points high on each leaf below 20 %, true above.
it('says how an eye reads, and corrects by it', function (): void {
    $pairs = [[10.0, 2.0], [13.0, 5.0], [18.0, 10.0], [40.0, 40.0], [70.0, 70.0]];
    $bias = EyeTest::bias($pairs);
    expect($bias['low'])->toEqualWithDelta(8.0, 1e-9)->and($bias['high'])->toBe(0.0)
        ->and(EyeWords::of(0.9, $bias['low'], $bias['high']))->toBe('You read 8 points high below 20 %. Agreement 0.90 of 1.')
        ->and(EyeWords::of(null, 0.4, -1.0))->toContain('reads true');
    $correction = new EyeCorrection(8.0, 0.0);
    $read = static fn(float $share, string $from = 'eye'): float => $correction->of(new WrittenLeaf(new SeenLeaf(1, $share, $share, $share), $from, []))->seen->share;
    expect($correction->isWorthIt())->toBeTrue()->and((new EyeCorrection(1.0, null))->isWorthIt())->toBeFalse()
        ->and($read(10.0))->toBe(2.0)->and($read(5.0))->toBe(0.0)->and($read(0.0))->toBe(0.0)
        ->and($read(60.0))->toBe(60.0)->and($read(10.0, 'photo'))->toBe(10.0);
});

// Common practice, no source: a leaf is the same on either side of its midrib, and its veins lie in its blade, its stalk below.
it('draws leaves that are alike on both sides, with their veins in them', function (LeafShape $shape): void {
    $drawn = LeafDrawer::draw($shape, 10.0, 3);
    $mirrored = static fn(array $polygons, bool $turned): array => array_map(static function (mixed $polygon) use ($turned): array {
        $points = array_map(static fn(mixed $point): string => is_array($point) && is_float($point[0]) && is_float($point[1]) ? sprintf('%.6f %.6f', $turned ? 1.0 - $point[0] : $point[0], $point[1]) : '?', is_array($polygon) ? $polygon : []);
        sort($points);

        return array_values(array_unique($points));
    }, $polygons);
    foreach ([$drawn->outline, $drawn->veins] as $polygons) {
        expect($mirrored($polygons, true))->toEqualCanonicalizing($mirrored($polygons, false));
    }
    $blade = imagecreatetruecolor(1000, 1000);
    foreach ($drawn->outline as $polygon) {
        imagefilledpolygon($blade, array_merge(...array_map(static fn(array $point): array => [(int) round(1000.0 * $point[0]), (int) round(1000.0 * $point[1])], $polygon)), 1);
    }
    foreach ($drawn->veins as $vein) {
        foreach ([0.15, 0.5, 0.9] as $along) {
            $x = (int) round(1000.0 * ($vein[0][0] + $along * ($vein[1][0] - $vein[0][0])));
            $y = (int) round(1000.0 * ($vein[0][1] + $along * ($vein[1][1] - $vein[0][1])));
            expect(imagecolorat($blade, $x, $y) === 1 || abs($x - 500) < 2)->toBeTrue("a vein of a leaf that is {$shape->value} leaves it at {$x}, {$y}");
        }
    }
})->with(array_map(static fn(LeafShape $shape): array => [$shape], LeafShape::cases()));
