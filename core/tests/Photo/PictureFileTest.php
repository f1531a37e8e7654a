<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\PictureFile;
use IdleMixer\Core\Photo\RefusedPicture;
use IdleMixer\Core\Tests\Support\Leaves\Scenes;

/** @param 'png'|'jpeg'|'webp' $form */
function plainPicture(int $wide, int $high, string $form = 'png', int $colour = 0xC0C0C0): string
{
    $picture = imagecreatetruecolor(max(1, $wide), max(1, $high));
    imagealphablending($picture, false);
    imagesavealpha($picture, true);
    imagefilledrectangle($picture, 0, 0, $wide, $high, $colour);
    ob_start();
    match ($form) {
        'png' => imagepng($picture, null, 1),
        'jpeg' => imagejpeg($picture, null, 95),
        'webp' => imagewebp($picture, null, 95),
    };

    return (string) ob_get_clean();
}

function whyRefused(string $bytes): string
{
    try {
        PictureFile::read($bytes);
    } catch (RefusedPicture $refused) {
        expect($refused->path())->toBe('/photo');

        return "{$refused->reason}: {$refused->getMessage()}";
    }

    return '';
}

it('reads JPEG, PNG and WebP, and makes them small', function (string $form, int $wide, int $high, int $smallWide, int $smallHigh): void {
    assert($form === 'png' || $form === 'jpeg' || $form === 'webp');
    $pixels = PictureFile::read(plainPicture($wide, $high, $form));
    expect([$pixels->width, $pixels->height, $pixels->count()])->toBe([$smallWide, $smallHigh, $smallWide * $smallHigh]);
    foreach ([16, 8, 0] as $shift) {
        expect(($pixels->rgb[intdiv($pixels->count(), 2)] >> $shift) & 255)->toEqualWithDelta(192, 2);
    }
})->with([
    'upright' => ['jpeg', 600, 800, 360, 480], 'lying' => ['png', 1600, 1200, 480, 360], 'wide' => ['webp', 1920, 480, 480, 120], 'small ones stay as they are' => ['png', 200, 160, 200, 160], 'just as large' => ['jpeg', 480, 300, 480, 300],
]);

// What lets light through lies on white: half of black on white is mid grey.
it('lays what lets light through on white', function (int $colour, int $expected): void {
    $pixels = PictureFile::read(plainPicture(160, 160, 'png', $colour));
    expect($pixels->rgb[160 * 80 + 80] & 255)->toEqualWithDelta($expected, 2);
})->with([[0x7F000000, 255], [0x40000000, 128], [0x00000000, 0]]);

it('says what is wrong with a file, and what would be right', function (string $bytes, string $said): void {
    expect(whyRefused($bytes))->toBe($said);
})->with([
    'empty' => ['', 'empty: The file is empty. Choose a photograph: JPEG, PNG or WebP.'],
    'just small enough' => [plainPicture(120, 120), ''],
    'a point too narrow' => [plainPicture(119, 300), 'too-small: The picture has 119 by 300 points; each side needs 120 at least.'],
    'a point too low' => [plainPicture(300, 119), 'too-small: The picture has 300 by 119 points; each side needs 120 at least.'],
    // 12.6 megapixels: what cameras call 12.
    'just few enough points' => [plainPicture(4200, 3000), ''],
    'a row too many' => [plainPicture(4200, 3001), 'too-large: The picture has 4200 by 3001 points; at most 12 megapixels are read. Make it smaller.'],
    'too many bytes' => [str_pad(Scenes::leaf(), 25_000_001, "\0"), 'too-large: The file is larger than 25 MB. Send a photograph of at most 12 megapixels.'],
    'no picture' => [str_repeat('no picture ', 100), 'form: This is no photograph that can be read. Send a JPEG, PNG or WebP picture.'],
    'a GIF' => ["GIF89a\x80\x00\x80\x00\x80\x00\x00\xFF\xFF\xFF\x00\x00\x00,\x00\x00\x00\x00\x80\x00\x80\x00\x00\x02\x02D\x01\x00;", 'form: This is no photograph that can be read. Send a JPEG, PNG or WebP picture.'],
    'AVIF' => ["\0\0\0\x1cftypavif\0\0\0\0avifmif1", 'form: This is a HEIC or AVIF picture. Send it as JPEG, PNG or WebP: most cameras can be set to “most compatible”.'],
    'a WebP that is cut off' => [substr(plainPicture(300, 300, 'webp'), 0, -20), 'cut-off: The file is cut off: its end is missing. Send it again.'],
]);

it('keeps a small copy at the size that is wanted', function (int $wide, int $high, int $side, array $kept): void {
    $bytes = PictureFile::stripped(plainPicture($wide, $high), $side);
    $size = getimagesizefromstring($bytes);
    expect($size === false ? [] : [$size[0], $size[1], $size['mime']])->toBe([...$kept, 'image/jpeg']);
})->with([[2000, 1000, 1600, [1600, 800]], [1000, 2000, 1600, [800, 1600]], [400, 300, 1600, [400, 300]], [1600, 1600, 1600, [1600, 1600]], [900, 300, 150, [150, 50]]]);
