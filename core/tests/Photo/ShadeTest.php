<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\LinearLight;
use IdleMixer\Core\Photo\Shade;
use IdleMixer\Core\Tests\Support\Leaves\Sheet;

/**
 * The largest share by which the light told differs from the light there is, on points that `$where` lets count.
 *
 * @param callable(float, float): float $light
 * @param callable(float, float): bool  $where
 * @param callable(float, float): bool  $leaf
 *
 * @return array{Shade, float}
 */
function misjudged(callable $light, callable $where, callable $leaf): array
{
    [$wide, $high] = [160, 128];
    $paper = [];
    for ($i = 0; $i < $wide * $high; ++$i) {
        $paper[] = ! $leaf($i % $wide / 160.0 - 0.5, intdiv($i, $wide) / 160.0 - 0.5);
    }
    $shade = Shade::over(LinearLight::of(Sheet::lit($wide, $high, static fn(float $u, float $v): float => $leaf($u, $v) ? 0.05 : $light($u, $v))), $paper);
    $worst = 0.0;
    foreach ($shade->everywhere() as $i => $told) {
        [$u, $v] = [$i % $wide / 160.0 - 0.5, intdiv($i, $wide) / 160.0 - 0.5];
        $worst = $where($u, $v) ? max($worst, abs($told / $light($u, $v) - 1.0)) : $worst;
    }

    return [$shade, $worst];
}

$nothing = static fn(float $u, float $v): bool => false;
$all = static fn(float $u, float $v): bool => true;
$leaf = static fn(float $u, float $v): bool => hypot($u, $v + 0.1) < 0.2;

// A made sheet: what light falls where is known. Colours of 8 bits round it by up to one percent.
it('tells even and slanting light, also under a leaf', function (float $middle, float $along, float $down) use ($nothing, $all, $leaf): void {
    $light = static fn(float $u, float $v): float => exp($middle + $along * $u + $down * $v);
    foreach ([$nothing, $leaf] as $covered) {
        [$shade, $worst] = misjudged($light, $all, $covered);
        expect($worst)->toBeLessThan(0.015)->and($shade->depth)->toBe(1.0)->and($shade->soft)->toBe(0.0)->and($shade->error)->toBeLessThan(0.01);
    }
})->with([
    'even' => [-0.2, 0.0, 0.0],
    'from the left' => [-0.6, -0.8, 0.0],
    'from below' => [-0.6, 0.0, 0.9],
    'from a corner' => [-0.7, 0.5, -0.5],
]);

it('tells a hard shadow, also under a leaf', function (float $across, float $down, float $from, float $left) use ($nothing, $leaf): void {
    $light = static fn(float $u, float $v): float => 0.8 * ($across * $u + $down * $v > $from ? $left : 1.0);
    $far = static fn(float $u, float $v): bool => abs($across * $u + $down * $v - $from) > 0.08;
    foreach ([$nothing, $leaf] as $covered) {
        [$shade, $worst] = misjudged($light, $far, $covered);
        expect($shade->depth)->toEqualWithDelta($left, 0.02)->and($shade->soft)->toBeLessThan(0.08)->and($worst)->toBeLessThan(0.03);
    }
})->with([
    'half of the light, on the right' => [1.0, 0.0, 0.1, 0.5],
    'half of the light, on the left' => [-1.0, 0.0, 0.15, 0.5],
    'a third of it, below' => [0.0, 1.0, 0.05, 0.35],
    'two thirds, across a corner' => [0.7, 0.7, 0.1, 0.65],
]);

// How wide it is told does not matter, but that its edge is soft (doubtful from 0.08 of the long side), and where.
it('tells a soft shadow, and that it is soft', function (float $wide) use ($nothing, $all): void {
    $light = static fn(float $u, float $v): float => 0.8 * (1.0 - 0.5 / (1.0 + exp(-4.0 / $wide * $u)));
    [$shade, $worst] = misjudged($light, $all, $nothing);
    expect($shade->soft)->toBeGreaterThan(0.08)->toBeLessThan($wide)->and($shade->depth)->toEqualWithDelta(0.5, 0.1)->and($worst)->toBeLessThan(0.12);
})->with([[0.15], [0.25]]);

it('tells how far the light leaves what it can tell', function () use ($nothing, $all): void {
    [$shade] = misjudged(static fn(float $u, float $v): float => 0.6 + 0.12 * sin(18.0 * $u), $all, $nothing);
    expect($shade->error)->toBeGreaterThan(0.09);
});
