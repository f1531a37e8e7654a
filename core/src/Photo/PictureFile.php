<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use GdImage;
use IdleMixer\Core\Data\PhotoLines;

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
        return Pixels::of(self::small($bytes, PhotoLines::WORK_SIDE['value']));
    }

    /**
     * @param int $side longest, in points
     *
     * @return string a JPEG of it without anything else the camera wrote, the place above all
     *
     * @throws RefusedPicture as for reading
     */
    public static function stripped(string $bytes, int $side): string
    {
        $picture = self::small($bytes, $side);
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false || ! imagejpeg($picture, $stream, PhotoLines::KEPT_QUALITY['value'])) {
            throw RefusedPicture::because('unreadable', 'The picture could not be written small.');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @throws RefusedPicture */
    private static function small(string $bytes, int $most): GdImage
    {
        self::refuseForm($bytes);
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
            throw RefusedPicture::because('unreadable', 'The picture is damaged and cannot be read. Take it again, or send it as JPEG.');
        }

        return $picture;
    }

    /** @throws RefusedPicture */
    private static function refuseForm(string $bytes): void
    {
        if ($bytes === '') {
            throw RefusedPicture::because('empty', 'The file is empty. Choose a photograph: JPEG, PNG or WebP.');
        }
        if (strlen($bytes) > PhotoLines::MOST_BYTES['value']) {
            throw RefusedPicture::because('too-large', 'The file is larger than ' . PhotoLines::MOST_BYTES['value'] / 1_000_000 . ' MB. Send a photograph of at most 12 megapixels.');
        }
        if (preg_match('/^....ftyp(heic|heix|hevc|mif1|msf1|avif)/s', $bytes) === 1) {
            throw RefusedPicture::because('form', 'This is a HEIC or AVIF picture. Send it as JPEG, PNG or WebP: most cameras can be set to “most compatible”.');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw RefusedPicture::because('form', 'This is no photograph that can be read. Send a JPEG, PNG or WebP picture.');
        }
        if ($size[0] * $size[1] > PhotoLines::MOST_PIXELS['value']) {
            throw RefusedPicture::because('too-large', "The picture has {$size[0]} by {$size[1]} points; at most 12 megapixels are read. Make it smaller.");
        }
        if (min($size[0], $size[1]) < PhotoLines::LEAST_SIDE['value']) {
            throw RefusedPicture::because('too-small', "The picture has {$size[0]} by {$size[1]} points; each side needs " . PhotoLines::LEAST_SIDE['value'] . ' at least.');
        }
        if (($size['channels'] ?? 3) === 4 && $size[2] === IMAGETYPE_JPEG) {
            throw RefusedPicture::because('colours', 'The picture is in printing colours (CMYK). Send one as the camera takes it, in RGB.');
        }
        if (self::isMoving($bytes, $size[2])) {
            throw RefusedPicture::because('moving', 'The picture moves. Send a single one.');
        }
        if (! self::isWhole($bytes, $size[2])) {
            throw RefusedPicture::because('cut-off', 'The file is cut off: its end is missing. Send it again.');
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
