<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use GdImage;
use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Words\Say;

/**
 * A photograph as a file: JPEG (ITU-T T.81), PNG (ISO/IEC 15948) or WebP (RFC 9649). What it is and how large is told from its
 * first bytes; nothing that is refused is decoded.
 */
final class PictureFile
{
    /**
     * @param string $bytes of the file
     *
     * @return Pixels turned as the camera says, and made small
     *
     * @throws RefusedPicture where it is none of the three, too large, moving, cut off, or in printing colours
     */
    public static function read(string $bytes): Pixels
    {
        return Pixels::of(self::small($bytes, PhotoLines::WORK_SIDE['value'], PhotoLines::LEAST_SIDE['value']));
    }

    /**
     * @param int $side  longest, in points
     * @param int $least shortest that is taken, in points: what is measured has to be larger than what is only looked at
     *
     * @return string a JPEG of it without anything else the camera wrote, the place above all
     *
     * @throws RefusedPicture as for reading
     */
    public static function stripped(string $bytes, int $side, int $least = PhotoLines::LEAST_SIDE['value']): string
    {
        $picture = self::small($bytes, $side, $least);
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false || ! imagejpeg($picture, $stream, PhotoLines::KEPT_QUALITY['value'])) {
            throw RefusedPicture::because('unreadable', Say::it('photo/picture-file.unreadable'));
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @throws RefusedPicture */
    private static function small(string $bytes, int $most, int $least): GdImage
    {
        self::refuseForm($bytes, $least);
        $large = self::decoded($bytes);
        [$width, $height] = [imagesx($large), imagesy($large)];
        $share = min(1.0, $most / max($width, $height));
        [$w, $h] = [max(1, (int) round($width * $share)), max(1, (int) round($height * $share))];
        $small = imagecreatetruecolor($w, $h);
        // What lets light through lies on white.
        imagefilledrectangle($small, 0, 0, $w, $h, 0xFFFFFF);
        imagecopyresampled($small, $large, 0, 0, 0, 0, $w, $h, $width, $height);
        imagedestroy($large);

        return self::turned($small, Orientation::of($bytes));
    }

    /** @throws RefusedPicture where it is damaged */
    private static function decoded(string $bytes): GdImage
    {
        // The libraries beneath warn of what is damaged and go on: a picture with a warning is none to measure by.
        $warned = false;
        set_error_handler(static function () use (&$warned): bool {
            return $warned = true;
        });
        try {
            $picture = imagecreatefromstring($bytes);
        } finally {
            restore_error_handler();
        }
        if ($picture === false || $warned) {
            throw RefusedPicture::because('unreadable', Say::it('photo/picture-file.unreadable.picture-damaged-and-cannot-be'));
        }

        return $picture;
    }

    /** @throws RefusedPicture */
    private static function refuseForm(string $bytes, int $least): void
    {
        if ($bytes === '') {
            throw RefusedPicture::because('empty', Say::it('photo/picture-file.empty'));
        }
        if (strlen($bytes) > PhotoLines::MOST_BYTES['value']) {
            throw RefusedPicture::because('too-large', Say::it('photo/picture-file.too-large', ['most-bytes' => PhotoLines::MOST_BYTES['value'] / 1_000_000]));
        }
        if (preg_match('/^....ftyp(heic|heix|hevc|mif1|msf1|avif)/s', $bytes) === 1) {
            throw RefusedPicture::because('form', Say::it('photo/picture-file.form'));
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw RefusedPicture::because('form', Say::it('photo/picture-file.form.this-no-photograph-that-can'));
        }
        if ($size[0] * $size[1] > PhotoLines::MOST_PIXELS['value']) {
            throw RefusedPicture::because('too-large', Say::it('photo/picture-file.too-large.picture-has-by-points-at', ['size' => $size[0], 'size-2' => $size[1]]));
        }
        if (min($size[0], $size[1]) < $least) {
            throw RefusedPicture::because('too-small', Say::it('photo/picture-file.too-small', ['size' => $size[0], 'size-2' => $size[1], 'least-side' => $least]));
        }
        if (($size['channels'] ?? 3) === 4 && $size[2] === IMAGETYPE_JPEG) {
            throw RefusedPicture::because('colours', Say::it('photo/picture-file.colours'));
        }
        if (self::isMoving($bytes, $size[2])) {
            throw RefusedPicture::because('moving', Say::it('photo/picture-file.moving'));
        }
        if (! self::isWhole($bytes, $size[2])) {
            throw RefusedPicture::because('cut-off', Say::it('photo/picture-file.cut-off'));
        }
    }

    private static function isMoving(string $bytes, int $type): bool
    {
        if ($type === IMAGETYPE_PNG) {
            $frames = strpos($bytes, 'acTL');

            return $frames !== false && $frames < (int) strpos($bytes, 'IDAT');
        }

        return $type === IMAGETYPE_WEBP && substr($bytes, 12, 4) === 'VP8X' && (ord($bytes[20] ?? "\0") & 2) !== 0;
    }

    private static function isWhole(string $bytes, int $type): bool
    {
        if ($type === IMAGETYPE_WEBP) {
            $said = unpack('V', substr($bytes, 4, 4));

            return $said !== false && is_int($said[1]) && strlen($bytes) >= $said[1] + 8;
        }
        if ($type === IMAGETYPE_PNG) {
            return str_contains(substr($bytes, -64), 'IEND');
        }
        // A small picture inside the first block has an end of its own: the last one must come after the picture began.
        return (int) strrpos($bytes, "\xFF\xD9") > (int) strrpos($bytes, "\xFF\xDA");
    }

    private static function turned(GdImage $picture, int $orientation): GdImage
    {
        $angle = match ($orientation) {
            3, 4 => 180,
            5, 6 => 270,
            7, 8 => 90,
            default => 0,
        };
        $turned = $angle === 0 ? $picture : imagerotate($picture, $angle, 0xFFFFFF);
        $turned = $turned === false ? $picture : $turned;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned;
    }
}
