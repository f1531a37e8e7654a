<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Orientation;

/**
 * A block of EXIF 2.3 by hand; `$big` is Motorola's order of bytes, else Intel's.
 *
 * @param list<array{int, int}> $entries tag and value, short numbers
 */
function exif(bool $big, array $entries, string $before = "\xFF\xD8\xFF\xE1\x00\x40", int $first = 8): string
{
    [$short, $long] = $big ? ['n', 'N'] : ['v', 'V'];
    $tiff = ($big ? "MM\x00\x2A" : "II\x2A\x00") . pack($long, $first) . str_repeat("\0", $first - 8) . pack($short, count($entries));
    foreach ($entries as [$tag, $value]) {
        $tiff .= pack("{$short}{$short}{$long}{$short}{$short}", $tag, 3, 1, $value, 0);
    }

    return $before . "Exif\x00\x00" . $tiff;
}

it('reads how the camera was held', function (string $bytes, int $orientation): void {
    expect(Orientation::of($bytes))->toBe($orientation);
})->with([
    'by Motorola' => [exif(true, [[0x0112, 6]]), 6],
    'by Intel' => [exif(false, [[0x0112, 6]]), 6],
    'the third entry' => [exif(false, [[0x0100, 4000], [0x0101, 3000], [0x0112, 3]]), 3],
    'a first directory further on' => [exif(true, [[0x0110, 1], [0x0112, 8]], first: 20), 8],
    'after another block' => [exif(true, [[0x0112, 5]], str_repeat("\0", 5000)), 5],
    'after 100,000 bytes' => [exif(true, [[0x0112, 5]], str_repeat("\0", 100_000)), 5],
    'the first of two' => [exif(true, [[0x0112, 2], [0x0112, 4]]), 2],
    'the last there is' => [exif(true, [[0x0112, 8]]), 8],
    'no such' => [exif(true, [[0x0112, 9]]), 1],
    'none' => [exif(true, [[0x0112, 0]]), 1],
    'another tag' => [exif(true, [[0x1201, 6], [0x0111, 6], [0x0113, 6]]), 1],
    'no entries' => [exif(true, []), 1],
    'no block' => ["\xFF\xD8\xFF\xE0" . str_repeat("\0", 200), 1],
    'nothing' => ['', 1],
    'a block that breaks off' => [substr(exif(true, [[0x0112, 6]]), 0, 24), 1],
]);

it('does not look for ever through a directory that lies about its length', function (): void {
    $entries = array_fill(0, 199, [0x0100, 1]);
    expect(Orientation::of(exif(true, [...$entries, [0x0112, 6]])))->toBe(6)
        ->and(Orientation::of(exif(true, [...$entries, [0x0100, 1], [0x0112, 6]])))->toBe(1);
});
