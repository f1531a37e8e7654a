<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Mask;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Photo\TwoLeaves;

/**
 * Whether outlines of ellipses, drawn one over the other, are taken for two leaves.
 *
 * @param list<array{int, int, int, int}> $ellipses middle, width and height
 */
function areTwo(array $ellipses): bool
{
    $on = imagecreatetruecolor(240, 200);
    foreach ($ellipses as [$x, $y, $wide, $high]) {
        imagefilledellipse($on, $x, $y, $wide, $high, 1);
    }
    $points = [];
    for ($i = 0; $i < 240 * 200; ++$i) {
        $points[] = imagecolorat($on, $i % 240, intdiv($i, 240)) === 1;
    }
    try {
        TwoLeaves::refuse(new Mask(240, 200, $points));
    } catch (RefusedPicture $refused) {
        return $refused->reason === 'touching';
    }

    return false;
}

// Common practice, no source: a leaf has one body, or lobes and leaflets of which there are more than two; two alike with a neck are two leaves.
it('tells two leaves that touch from one with lobes', function (array $ellipses, bool $two): void {
    /** @var list<array{int, int, int, int}> $ellipses */
    expect(areTwo($ellipses))->toBe($two);
})->with([
    'one' => [[[120, 100, 120, 160]], false],
    'two side by side that touch' => [[[70, 100, 100, 160], [169, 100, 100, 160]], true],
    'two that overlap a little' => [[[70, 100, 100, 160], [166, 100, 100, 160]], true],
    'two in a row' => [[[65, 100, 112, 70], [170, 100, 112, 70]], true],
    'a smaller one that touches, two thirds as wide' => [[[80, 100, 120, 120], [180, 100, 100, 100]], true],
    'a lobe of a third of the width' => [[[100, 100, 140, 140], [180, 100, 45, 45]], false],
    'two that overlap by half' => [[[95, 100, 100, 160], [145, 100, 100, 160]], false],
    'three leaflets' => [[[60, 100, 80, 80], [120, 60, 80, 80], [180, 100, 80, 80]], false],
    'five lobes' => [[[120, 110, 90, 90], [60, 110, 60, 50], [180, 110, 60, 50], [120, 45, 50, 60], [120, 172, 50, 50]], false],
    'a long one' => [[[120, 100, 220, 40]], false],
]);
