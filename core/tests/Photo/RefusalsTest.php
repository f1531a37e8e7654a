<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\LeafPhoto;
use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Tests\Support\Leaves\Camera;
use IdleMixer\Core\Tests\Support\Leaves\Scenes;

/** Why a picture was refused; empty where it was measured. */
function refusal(string $bytes): string
{
    try {
        LeafPhoto::measure(PictureFile::read($bytes));
    } catch (RefusedPicture $refused) {
        expect($refused->getMessage())->toEndWith('.')->and(strlen($refused->getMessage()))->toBeGreaterThan(20);

        return $refused->reason;
    }

    return '';
}

it('gives no figure but a reason where there is no single leaf on paper', function (string $what): void {
    expect(refusal(Scenes::all()[$what]))->not->toBe('', $what);
})->with(array_keys(Scenes::all()));

it('measures the one leaf that is there, and finds nothing wrong with it', function (): void {
    $found = LeafPhoto::measure(PictureFile::read(Scenes::leaf()));
    expect($found->injured)->toBe(0.0)->and($found->isUnsure())->toBeFalse()->and($found->high)->toBeLessThan(2.0);
});

/** @return array<string, array{string, string}> bytes and reason */
function hostile(): array
{
    $leaf = Scenes::leaf();
    ob_start();
    imagepng(imagecreatetruecolor(300, 300));
    $png = (string) ob_get_clean();

    return [
        'nothing' => ['', 'empty'],
        'a script named .jpg' => ["<?php system('ls');", 'form'],
        'an SVG with a script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'form'],
        'a picture bomb' => ["\x89PNG\r\n\x1a\n" . pack('N', 13) . 'IHDR' . pack('NN', 60_000, 60_000) . "\x08\x02\0\0\0" . str_repeat("\0", 8), 'too-large'],
        'a JPEG that is cut off' => [substr($leaf, 0, intdiv(strlen($leaf), 2)), 'cut-off'],
        'a PNG that is cut off' => [substr($png, 0, -20), 'cut-off'],
        'a moving PNG' => [substr($png, 0, 33) . pack('N', 8) . 'acTL' . pack('NN', 2, 0) . "\0\0\0\0" . substr($png, 33), 'moving'],
        'a moving WebP' => ['RIFF' . pack('V', 30) . 'WEBPVP8X' . pack('V', 10) . "\x02\0\0\0" . substr(pack('V', 299), 0, 3) . substr(pack('V', 299), 0, 3) . str_repeat("\0", 8), 'moving'],
        'printing colours' => [str_replace("\xFF\xC0\x00\x11\x08", "\xFF\xC0\x00\x14\x08", preg_replace('/(\xFF\xC0\x00)\x11(\x08....)\x03(.{9})/s', "\$1\x14\$2\x04\$3\x04\x11\x00", $leaf) ?? ''), 'colours'],
        'HEIC' => ["\0\0\0\x18ftypheic\0\0\0\0mif1heic", 'form'],
        'a large file' => [str_repeat('a', 26_000_000), 'too-large'],
        'a stamp' => [Scenes::leaf(60, 60), 'too-small'],
        'a PNG whose middle is rubbish' => [substr($png, 0, 60) . str_repeat('x', 200) . substr($png, -12), 'unreadable'],
    ];
}

it('refuses what is no single photograph before it is decoded, in bounded memory', function (string $what): void {
    [$bytes, $reason] = hostile()[$what];
    $before = memory_get_usage();
    memory_reset_peak_usage();
    expect(refusal($bytes))->toBe($reason, $what)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(60_000_000);
})->with(array_keys(hostile()));

// EXIF 2.3, tag 0x0112: how each of the eight ways of holding a camera is put upright.
it('turns a picture as the camera says', function (int $orientation, string $corner): void {
    $picture = imagecreatetruecolor(200, 160);
    imagefilledrectangle($picture, 0, 0, 200, 160, 0x0000FF);
    imagefilledrectangle($picture, 0, 0, 60, 50, 0xFF0000);
    $pixels = PictureFile::read(Camera::withOrientation(Scenes::jpeg($picture), $orientation));
    [$w, $h] = [$pixels->width, $pixels->height];
    expect([$w, $h])->toBe($orientation < 5 ? [200, 160] : [160, 200]);
    $red = static fn(int $x, int $y): bool => ($pixels->rgb[$y * $w + $x] >> 16) > 128;
    $found = array_keys(array_filter(['top left' => $red(10, 10), 'top right' => $red($w - 10, 10), 'bottom left' => $red(10, $h - 10), 'bottom right' => $red($w - 10, $h - 10)]));
    expect($found)->toBe([$corner]);
})->with([[1, 'top left'], [2, 'top right'], [3, 'bottom right'], [4, 'bottom left'], [5, 'top left'], [6, 'top right'], [7, 'bottom right'], [8, 'bottom left']]);

it('keeps nothing of what else the camera wrote', function (): void {
    $with = Camera::withOrientation(Scenes::leaf(), 6);
    $kept = PictureFile::stripped($with, 1600);
    expect($with)->toContain('Exif')->and($kept)->not->toContain('Exif')->and(@getimagesizefromstring($kept))->toMatchArray([0 => 640, 1 => 480]);
});

// ITU-T T.81, Annex K, table K.1 (from memory): 16 11 12 14 12 10 16 14 in the order of the file; by libjpeg's scale of 36 % for a quality of 82.
it('keeps a picture as well as it says', function (): void {
    $kept = PictureFile::stripped(Scenes::leaf(), 1600);
    $table = unpack('C8', substr($kept, (int) strpos($kept, "\xFF\xDB") + 5, 8));
    expect(array_values($table === false ? [] : $table))->toBe(array_map(static fn(int $step): int => intdiv(36 * $step + 50, 100), [16, 11, 12, 14, 12, 10, 16, 14]));
});

// Photographs of meadow, wet leaves and garden from Debian's mate-backgrounds (GPL-2+, its copyright file names who took them).
it('refuses photographs of what grows that show no leaf on paper', function (): void {
    $pictures = (array) glob('/usr/share/backgrounds/mate/nature/*.jpg');
    expect(count($pictures))->toBeGreaterThan(9);
    foreach ($pictures as $picture) {
        expect(refusal((string) file_get_contents((string) $picture)))->not->toBe('', basename((string) $picture));
    }
});
