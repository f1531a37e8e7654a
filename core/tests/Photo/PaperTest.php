<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Colours;
use IdleMixer\Core\Photo\LinearLight;
use IdleMixer\Core\Photo\Paper;
use IdleMixer\Core\Photo\Pixels;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Tests\Support\Leaves\Sheet;

/** Colours of paper as cameras show them; whether a sheet is white is common practice, no source. */
it('tells white paper from coloured, whatever lamp is over it', function (int $colour, bool $coloured): void {
    expect(Paper::around(LinearLight::of(Sheet::plain(120, 160, $colour)))->isColoured())->toBe($coloured);
})->with([
    'white' => [0xF5F5F3, false],
    'grey, which is white in dim light' => [0x808080, false],
    'cream' => [0xF8F0DC, false],
    'white under a lamp' => [0xFFE6C2, false],
    'white under a blue sky' => [0xE2E9F5, false],
    'wrapping paper' => [0xBC9870, true],
    'blue' => [0x9EBADC, true],
    'green' => [0xA8D8A0, true],
    'pink' => [0xF0B0C0, true],
    'dim and green' => [0x8FA58F, true],
    // Hues of lamps are 45 to 105 degrees, up to a chroma of 33; of others a chroma of 19 is coloured (CIE 15, at the lightness of white): our own lines, the colours reckoned apart from this code.
    'under a bulb of hue 50' => [0xEEBBA5, false],
    'of hue 40, which no lamp is' => [0xF2BAAB, true],
    'under a bulb of hue 98' => [0xD1C79C, false],
    'of hue 112, which no lamp is' => [0xC6CA9E, true],
    'lamp of chroma 31' => [0xE3C199, false],
    'of hue 75 and chroma 35.5, more than a lamp' => [0xE7C092, true],
    'pinkish by chroma 17' => [0xE3BEBE, false],
    'pink by chroma 21' => [0xE9BBBC, true],
]);

// By hand: 0x80 is 0.2159 of the light, 0xFF all of it (IEC 61966-2-1); luminance by ITU-R BT.709.
it('knows how much light a sheet gives back, and of which colour', function (): void {
    $paper = Paper::around(LinearLight::of(Sheet::plain(120, 160, 0xFFFF80)));
    expect($paper->luminance)->toEqualWithDelta(0.2126 + 0.7152 + 0.0722 * 0.2158605, 1e-5)
        ->and($paper->red)->toEqualWithDelta(1.0 / 2.2158605, 1e-5)
        ->and($paper->green)->toEqualWithDelta(1.0 / 2.2158605, 1e-5)
        ->and($paper->gain(0))->toEqualWithDelta(1.0 / 0.943385, 1e-4)
        ->and($paper->gain(1))->toEqualWithDelta(1.0 / 0.943385, 1e-4)
        ->and($paper->gain(2))->toEqualWithDelta(0.2158605 / 0.943385, 1e-4);
});

it('takes white for white, and of a coloured one what the camera saw at most', function (): void {
    $paper = static fn(int $colour): float => Colours::whiteOf(Paper::around(LinearLight::of(Sheet::plain(120, 160, $colour))));
    expect($paper(0x808080))->toBe(0.9)->and($paper(0xBC9870))->toEqualWithDelta(0.3432, 0.001)->and($paper(0xFFFF80))->toBe(0.9);
});

it('looks at the border only', function (int $edge, int $middle, bool $coloured): void {
    $points = [];
    for ($i = 0; $i < 120 * 160; ++$i) {
        [$x, $y] = [$i % 120, intdiv($i, 120)];
        $points[] = $x < 6 || $x >= 114 || $y < 6 || $y >= 154 ? $edge : $middle;
    }
    expect(Paper::around(LinearLight::of(new Pixels(120, 160, $points)))->isColoured())->toBe($coloured);
})->with([[0xF5F5F3, 0xBC9870, false], [0xBC9870, 0xF5F5F3, true]]);

it('refuses what is no sheet, and says why', function (Pixels $pixels, string $reason): void {
    try {
        Paper::around(LinearLight::of($pixels));
    } catch (RefusedPicture $refused) {
        expect($refused->reason)->toBe($reason);

        return;
    }
    expect('')->toBe($reason);
})->with([
    'nearly black' => [Sheet::plain(120, 160, 0x303030), 'dark'],
    'black' => [Sheet::plain(120, 160, 0), 'dark'],
    // By hand: 0x36 is 3.7 % of the light, 0x40 5.1 % (IEC 61966-2-1); the line is drawn at 4.5 %.
    'a dark room' => [Sheet::plain(120, 160, 0x363636), 'dark'],
    'a dim one' => [Sheet::plain(120, 160, 0x404040), ''],
    'dim, and still a sheet' => [Sheet::plain(120, 160, 0x484848), ''],
    'a checked cloth' => [Sheet::lit(120, 160, static fn(float $u, float $v): float => (int) floor(160.0 * ($u + 0.5) / 4.0) % 2 === 0 ? 0.8 : 0.2), 'no-paper'],
    'half white, a quarter red, a quarter blue' => [new Pixels(120, 160, array_map(static fn(int $i): int => intdiv($i, 120) < 80 ? 0xF5F5F3 : ($i % 120 < 60 ? 0xC03030 : 0x3030C0), range(0, 120 * 160 - 1))), 'no-paper'],
    // By count, of the 804 points of the border that are looked at: 480 of them white, and 420.
    'a sheet of which four tenths of the edge are table' => [new Pixels(120, 160, array_map(static fn(int $i): int => intdiv($i, 120) < 106 ? 0xF5F5F3 : 0x907050, range(0, 120 * 160 - 1))), ''],
    'nearly half of the edge is table' => [new Pixels(120, 160, array_map(static fn(int $i): int => intdiv($i, 120) < 86 ? 0xF5F5F3 : 0x907050, range(0, 120 * 160 - 1))), 'no-paper'],
    'a sheet with a strip of the table' => [new Pixels(120, 160, array_map(static fn(int $i): int => intdiv($i, 120) < 130 ? 0xF5F5F3 : 0x907050, range(0, 120 * 160 - 1))), ''],
]);
