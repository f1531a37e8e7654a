<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** How the camera was held: tag 0x0112 of EXIF 2.3 (CIPA DC-008), read by hand so that nothing else of it is. */
final class Orientation
{
    private const TAG = 0x0112;

    private const UPRIGHT = 1;

    /** @return int 1 to 8; 1 where a file does not say */
    public static function of(string $bytes): int
    {
        $at = strpos(substr($bytes, 0, 131_072), "Exif\x00\x00");
        if ($at === false) {
            return self::UPRIGHT;
        }
        $tiff = substr($bytes, $at + 6, 65_536);
        $big = str_starts_with($tiff, 'MM');
        $first = self::number($tiff, 4, 4, $big);
        $count = self::number($tiff, $first, 2, $big);
        for ($k = 0; $k < min($count, 200); ++$k) {
            $entry = $first + 2 + 12 * $k;
            if (self::number($tiff, $entry, 2, $big) === self::TAG) {
                $value = self::number($tiff, $entry + 8, 2, $big);

                return $value >= 1 && $value <= 8 ? $value : self::UPRIGHT;
            }
        }

        return self::UPRIGHT;
    }

    private static function number(string $bytes, int $at, int $length, bool $big): int
    {
        $part = substr($bytes, $at, $length);
        $value = 0;
        foreach (str_split($big ? $part : strrev($part)) as $byte) {
            $value = ($value << 8) | ord($byte);
        }

        return $value;
    }
}
