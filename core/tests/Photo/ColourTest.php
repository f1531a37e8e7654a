<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Colours;
use IdleMixer\Core\Photo\Lab;
use IdleMixer\Core\Photo\LinearLight;
use IdleMixer\Core\Photo\Pixels;

/*
 * CIELAB of the corners of sRGB under its own white (CIE 15; IEC 61966-2-1), as tables of colour print them: from memory. The white
 * here is rounded to four digits, which moves them by less than a tenth.
 */
it('knows the corners of sRGB in CIELAB', function (float $red, float $green, float $blue, float $lightness, float $a, float $b): void {
    $found = Lab::of($red, $green, $blue);
    expect($found->lightness)->toEqualWithDelta($lightness, 0.05)
        ->and($found->a)->toEqualWithDelta($a, 0.1)
        ->and($found->b)->toEqualWithDelta($b, 0.1);
})->with([
    'white' => [1.0, 1.0, 1.0, 100.0, 0.0, 0.0],
    'black' => [0.0, 0.0, 0.0, 0.0, 0.0, 0.0],
    'red' => [1.0, 0.0, 0.0, 53.24, 80.09, 67.20],
    'green' => [0.0, 1.0, 0.0, 87.73, -86.18, 83.18],
    'blue' => [0.0, 0.0, 1.0, 32.30, 79.19, -107.86],
    'yellow' => [1.0, 1.0, 0.0, 97.14, -21.55, 94.48],
    'cyan' => [0.0, 1.0, 1.0, 91.11, -48.09, -14.13],
    'magenta' => [1.0, 0.0, 1.0, 60.32, 98.23, -60.83],
    'a grey of 18 %' => [0.18, 0.18, 0.18, 49.50, 0.0, 0.0],
    // Below 0.8856 % the curve is a straight line of 903.3 (CIE 15).
    'nearly black' => [0.005, 0.005, 0.005, 4.52, 0.0, 0.0],
]);

it('tells hue as an angle from red over yellow and green, and chroma as the distance from grey', function (float $red, float $green, float $blue, float $hue, float $chroma): void {
    $found = Lab::of($red, $green, $blue);
    expect($found->hue())->toEqualWithDelta($hue, 0.1)->and($found->chroma())->toEqualWithDelta($chroma, 0.1);
})->with([
    'red' => [1.0, 0.0, 0.0, 40.0, 104.55],
    'yellow' => [1.0, 1.0, 0.0, 102.85, 96.91],
    'green' => [0.0, 1.0, 0.0, 136.02, 119.78],
    'blue' => [0.0, 0.0, 1.0, 306.28, 133.81],
]);

// IEC 61966-2-1: below 0.04045 a twelve-point-ninety-second, above it the power of 2.4.
it('undoes the curve of sRGB', function (int $value, float $light): void {
    $grey = $value << 16 | $value << 8 | $value;
    $found = LinearLight::of(new Pixels(3, 3, array_fill(0, 9, $grey)));
    foreach ([...$found->red, ...$found->green, ...$found->blue] as $one) {
        expect($one)->toEqualWithDelta($light, 1e-6);
    }
})->with([[0, 0.0], [10, 0.0030353], [11, 0.0033465], [128, 0.2158605], [188, 0.5028865], [255, 1.0]]);

it('keeps the channels apart', function (): void {
    $found = LinearLight::of(new Pixels(3, 3, array_fill(0, 9, 0xFF8000)));
    expect($found->red[4])->toBe(1.0)->and($found->green[4])->toEqualWithDelta(0.2158605, 1e-6)->and($found->blue[4])->toBe(0.0);
});

// A smoothing of 1 2 1 across and down gives a single point a quarter of its light, its sides an eighth, its corners a sixteenth.
it('spreads a single point over its neighbours, and loses no light', function (): void {
    $rgb = array_fill(0, 25, 0);
    $rgb[12] = 0xFFFFFF;
    expect(LinearLight::of(new Pixels(5, 5, $rgb))->red)->toBe([
        0.0, 0.0, 0.0, 0.0, 0.0,
        0.0, 0.0625, 0.125, 0.0625, 0.0,
        0.0, 0.125, 0.25, 0.125, 0.0,
        0.0, 0.0625, 0.125, 0.0625, 0.0,
        0.0, 0.0, 0.0, 0.0, 0.0,
    ]);
});

// Columns differ, rows do not: every row is smoothed across, and the two ends of the whole picture are left alone.
it('is as light at the edge as beside it', function (): void {
    $row = [0xFFFFFF, 0xFFFFFF, 0, 0, 0];
    $found = LinearLight::of(new Pixels(5, 4, [...$row, ...$row, ...$row, ...$row]))->green;
    expect(array_slice($found, 0, 4))->toBe([1.0, 0.75, 0.25, 0.0])->and(array_slice($found, 16))->toBe([0.75, 0.25, 0.0, 0.0]);
});

it('is smoothed down but in the first and the last row', function (): void {
    $white = array_fill(0, 5, 0xFFFFFF);
    $black = array_fill(0, 5, 0);
    $found = LinearLight::of(new Pixels(5, 4, [...$white, ...$white, ...$black, ...$black]))->blue;
    expect(array_map(static fn(int $row): float => $found[5 * $row + 2], [0, 1, 2, 3]))->toBe([1.0, 0.75, 0.25, 0.0]);
});

// ITU-R BT.709.
it('weighs the channels as the eye does', function (): void {
    expect(LinearLight::luminance(1.0, 0.0, 0.0))->toBe(0.2126)
        ->and(LinearLight::luminance(0.0, 1.0, 0.0))->toBe(0.7152)
        ->and(LinearLight::luminance(0.0, 0.0, 1.0))->toBe(0.0722);
});

it('knows how light a grey is', function (): void {
    expect(Colours::lightnessOf(0.18))->toEqualWithDelta(49.50, 0.01)->and(Colours::lightnessOf(1.0))->toEqualWithDelta(100.0, 0.01);
});
