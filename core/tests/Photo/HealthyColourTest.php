<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Colours;
use IdleMixer\Core\Photo\HealthyColour;
use IdleMixer\Core\Photo\LinearLight;
use IdleMixer\Core\Photo\Paper;
use IdleMixer\Core\Photo\Pixels;
use IdleMixer\Core\Tests\Support\Leaves\Sheet;

/**
 * Stripes of colours as they lie on a white sheet in even light.
 *
 * @param array<int, int> $stripes rows of ten points by colour
 */
function stripes(array $stripes): Colours
{
    $points = [];
    foreach ($stripes as $colour => $rows) {
        array_push($points, ...array_fill(0, 10 * $rows, $colour));
    }
    $paper = Paper::around(LinearLight::of(Sheet::plain(120, 160, 0xFFFFFF)));
    $count = count($points);

    return Colours::of(LinearLight::of(new Pixels(10, intdiv($count, 10), $points)), $paper, array_fill(0, $count, 0.9), array_fill(0, $count, true));
}

/** @param array<int, int> $stripes */
function healthy(array $stripes): ?HealthyColour
{
    $colours = stripes($stripes);

    return HealthyColour::among($colours, array_keys($colours->hue));
}

// Lightness, chroma and hue of sRGB colours, reckoned from CIE 15 and IEC 61966-2-1 apart from this code.
it('sees each colour as it is on white paper', function (int $colour, float $lightness, float $chroma, float $hue): void {
    $found = stripes([$colour => 20]);
    expect($found->lightness[95])->toEqualWithDelta($lightness, 0.2)
        ->and($found->chroma[95])->toEqualWithDelta($chroma, 0.4)
        ->and($found->hue[95])->toEqualWithDelta($hue, 0.5);
})->with([
    'green' => [0x588434, 50.48, 47.93, 128.19],
    'dark green' => [0x2C5628, 32.58, 33.60, 138.65],
    'blue green' => [0x5C8670, 52.39, 20.81, 159.61],
    'purple' => [0x5C2A48, 24.95, 28.22, 343.27],
    'yellow' => [0xD4C43E, 78.36, 66.31, 97.98],
    'brown' => [0x704828, 34.46, 29.26, 62.38],
    'bleached' => [0xE4DCC0, 87.72, 14.87, 97.19],
    'straw' => [0xCAB27A, 73.42, 31.80, 88.64],
    'red' => [0x8C2030, 31.40, 49.08, 21.78],
]);

it('takes off the shade: half the light is half the luminance of every colour', function (): void {
    $paper = Paper::around(LinearLight::of(Sheet::plain(120, 160, 0xFFFFFF)));
    $light = LinearLight::of(Sheet::plain(10, 10, 0x588434));
    $full = Colours::of($light, $paper, array_fill(0, 100, 0.9), array_fill(0, 100, true));
    $half = Colours::of($light, $paper, array_fill(0, 100, 0.45), array_fill(0, 100, true));
    expect($half->luminance[55])->toEqualWithDelta(2.0 * $full->luminance[55], 1e-9)
        ->and($half->hue[55])->toEqualWithDelta($full->hue[55], 0.5);
});

it('reckons only what it is asked for', function (): void {
    $paper = Paper::around(LinearLight::of(Sheet::plain(120, 160, 0xFFFFFF)));
    $found = Colours::of(LinearLight::of(Sheet::plain(10, 10, 0x588434)), $paper, array_fill(0, 100, 0.9), [...array_fill(0, 50, false), ...array_fill(0, 50, true)]);
    foreach ([$found->lightness, $found->chroma, $found->hue, $found->luminance] as $values) {
        expect($values)->toHaveCount(100)->and($values[20])->toBe(0.0)->and($values[70])->toBeGreaterThan(0.0);
    }
});

it('finds the healthy colour of a leaf', function (array $stripes, ?float $hue, bool $purple): void {
    /** @var array<int, int> $stripes */
    $found = healthy($stripes);
    if ($hue === null) {
        expect($found)->toBeNull();

        return;
    }
    expect($found?->hue)->toEqualWithDelta($hue, 1.5)->and($found?->purple)->toBe($purple);
})->with([
    'green' => [[0x588434 => 20], 128.19, false],
    'blue green' => [[0x5C8670 => 20], 159.61, false],
    'purple' => [[0x5C2A48 => 20], 343.27, true],
    'green with more yellow beside it' => [[0x588434 => 10, 0xD4C43E => 20], 128.19, false],
    'green with cream beside it' => [[0x588434 => 200, 0xE8E8BC => 140], 128.19, false],
    'green under much brown' => [[0x588434 => 6, 0x704828 => 40], 128.19, false],
    'mostly purple, a little green' => [[0x5C2A48 => 30, 0x588434 => 10], 343.27, true],
    'mostly green, a little purple' => [[0x5C2A48 => 10, 0x588434 => 30], 128.19, false],
    'two greens: the greener one, where there is enough of it' => [[0x588434 => 20, 0x5C8670 => 10], 159.61, false],
    'two greens: too little of the greener one' => [[0x588434 => 40, 0x5C8670 => 4], 128.19, false],
    'brown' => [[0x704828 => 20], null, false],
    'grey' => [[0x808080 => 20], null, false],
    'nearly nothing green' => [[0x588434 => 2, 0x704828 => 60], null, false],
]);

it('knows how strong and how light that colour is', function (): void {
    $found = healthy([0x588434 => 20, 0x704828 => 10]);
    expect($found?->chroma)->toEqualWithDelta(47.93, 1.0)->and($found?->lightness)->toEqualWithDelta(50.48, 1.0);
});

it('says how far a hue is from it, the shorter way round', function (float $hue, float $away): void {
    expect(healthy([0x5C2A48 => 20])?->away($hue))->toEqualWithDelta($away, 1.0);
})->with([[343.3, 0.0], [353.3, 10.0], [13.3, 30.0], [303.3, 40.0], [163.3, 180.0], [153.3, 170.0], [173.3, 170.0]]);
