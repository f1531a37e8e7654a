<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use GdImage;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/** Takes a painted picture as a telephone would: soft, noisy, packed as JPEG, lying on its side. */
final class Camera
{
    public static function take(GdImage $picture, Made $made): string
    {
        $picture = self::seen($picture, $made);
        $turned = in_array('turned', $made->camera, true);
        if ($turned) {
            $lying = imagerotate($picture, 90, 0);
            $picture = $lying === false ? $picture : $lying;
        }
        ob_start();
        imagejpeg($picture, null, $made->quality);
        $bytes = ob_get_clean();
        if ($bytes === false) {
            throw new RuntimeException('No picture.');
        }

        return $turned ? self::withOrientation($bytes, 6) : $bytes;
    }

    /** The same before it is packed. */
    public static function seen(GdImage $picture, Made $made): GdImage
    {
        imagefilter($picture, IMG_FILTER_GAUSSIAN_BLUR);
        if (in_array('blur', $made->camera, true)) {
            imagefilter($picture, IMG_FILTER_GAUSSIAN_BLUR);
            imagefilter($picture, IMG_FILTER_GAUSSIAN_BLUR);
            imagefilter($picture, IMG_FILTER_GAUSSIAN_BLUR);
        }
        if (in_array('noise', $made->camera, true)) {
            self::noise($picture, new Randomizer(new Mt19937($made->seed + 7)));
        }
        if (in_array('cropped', $made->camera, true)) {
            $part = imagecrop($picture, ['x' => 10, 'y' => 8, 'width' => imagesx($picture) - 24, 'height' => imagesy($picture) - 20]);
            $picture = $part === false ? $picture : $part;
        }

        return $picture;
    }

    /** The block of a camera that says how it was held (EXIF 2.3, tag 0x0112), and a place that must not travel on. */
    public static function withOrientation(string $jpeg, int $orientation): string
    {
        $tiff = "MM\x00\x2A\x00\x00\x00\x08" . pack('n', 2)
            . pack('nnNnn', 0x0112, 3, 1, $orientation, 0)
            . pack('nnNN', 0x8825, 4, 1, 38)
            . pack('N', 0)
            . pack('n', 1) . pack('nnN', 0x0001, 2, 2) . "N\x00\x00\x00" . pack('N', 0);
        $block = "Exif\x00\x00" . $tiff;

        return substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($block) + 2) . $block . substr($jpeg, 2);
    }

    private static function noise(GdImage $picture, Randomizer $chance): void
    {
        $wide = imagesx($picture);
        $high = imagesy($picture);
        $some = $chance->getBytes(3 * $wide * $high);
        $i = 0;
        for ($y = 0; $y < $high; ++$y) {
            for ($x = 0; $x < $wide; ++$x) {
                $rgb = (int) imagecolorat($picture, $x, $y);
                $value = 0;
                foreach ([16, 8, 0] as $shift) {
                    $one = (($rgb >> $shift) & 255) + ((ord($some[$i++]) - 128) >> 4);
                    $value = ($value << 8) | max(0, min(255, $one));
                }
                imagesetpixel($picture, $x, $y, $value);
            }
        }
    }
}
