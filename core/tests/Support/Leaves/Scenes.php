<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use GdImage;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/** Pictures that show no single leaf, and one that does. */
final class Scenes
{
    private const GREEN = 0x4A8232;

    private const SKIN = 0xD6A68A;

    private const DEAD = 0x704828;

    /** @return array<string, string> JPEG by what it shows */
    public static function all(): array
    {
        $paper = static fn(callable $draw): string => self::jpeg(self::on(0xF5F5F3, $draw));

        return [
            'a blank sheet' => $paper(static fn(GdImage $on) => null),
            'a dark room' => self::jpeg(self::grain([12, 10, 9], 40, 2)),
            'soil' => self::jpeg(self::grain([92, 66, 44], 60, 4)),
            'lawn' => self::jpeg(self::grain([70, 130, 50], 50, 3)),
            'a hand' => $paper(static function (GdImage $on): void {
                imagefilledellipse($on, 240, 400, 220, 260, self::SKIN);
                foreach ([150, 200, 250, 300] as $x) {
                    imagefilledrectangle($on, $x, 120, $x + 36, 360, self::SKIN);
                }
            }),
            'two leaves' => $paper(static function (GdImage $on): void {
                imagefilledellipse($on, 130, 300, 180, 320, self::GREEN);
                imagefilledellipse($on, 350, 300, 180, 320, self::GREEN);
            }),
            'two leaves, one of them dead' => $paper(static function (GdImage $on): void {
                imagefilledellipse($on, 130, 300, 180, 320, self::GREEN);
                imagefilledellipse($on, 350, 300, 180, 320, self::DEAD);
            }),
            'leaves that touch' => $paper(static function (GdImage $on): void {
                imagefilledellipse($on, 150, 300, 190, 320, self::GREEN);
                imagefilledellipse($on, 330, 310, 190, 320, self::GREEN);
            }),
            'a wholly dead leaf' => $paper(static fn(GdImage $on) => imagefilledellipse($on, 240, 320, 260, 420, self::DEAD)),
        ];
    }

    /** @return string JPEG of a leaf that fills two fifths of a sheet, with nothing wrong */
    public static function leaf(int $wide = 480, int $high = 640): string
    {
        $on = self::sheet($wide, $high, 0xF5F5F3);
        imagefilledellipse($on, intdiv($wide, 2), intdiv($high, 2), intdiv(54 * $wide, 100), intdiv(66 * $high, 100), self::GREEN);

        return self::jpeg($on);
    }

    private static function on(int $paper, callable $draw): GdImage
    {
        $on = self::sheet(480, 640, $paper);
        $draw($on);

        return $on;
    }

    public static function sheet(int $wide, int $high, int $colour): GdImage
    {
        $on = imagecreatetruecolor(max(1, $wide), max(1, $high));
        imagefilledrectangle($on, 0, 0, $wide, $high, $colour);

        return $on;
    }

    /** @param array{int, int, int} $base */
    private static function grain(array $base, int $percent, int $side): GdImage
    {
        $chance = new Randomizer(new Mt19937(11));
        $on = self::sheet(480, 640, 0);
        for ($y = 0; $y < 640; $y += $side) {
            for ($x = 0; $x < 480; $x += $side) {
                $tone = $chance->getInt(100 - $percent, 100 + $percent);
                $colour = 0;
                foreach ($base as $value) {
                    $colour = ($colour << 8) | min(255, intdiv($value * $tone, 100));
                }
                imagefilledrectangle($on, $x, $y, $x + $side - 1, $y + $side - 1, $colour);
            }
        }

        return $on;
    }

    public static function jpeg(GdImage $picture): string
    {
        ob_start();
        imagejpeg($picture, null, 88);

        $bytes = ob_get_clean();

        return is_string($bytes) ? $bytes : throw new RuntimeException('No picture.');
    }
}
