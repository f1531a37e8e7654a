<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

/** Outlines of leaves as polygons: x across, y along the leaf from base (-1) to tip (1). */
final class Outline
{
    public const SHAPES = ['ovate', 'lance', 'round', 'heart', 'toothed', 'lobed', 'oak', 'compound'];

    private const STEPS = 90;

    /** @return list<list<array{float, float}>> one polygon, or one for each leaflet */
    public static function of(string $shape): array
    {
        return match ($shape) {
            'lance' => [self::blade(0.26, 1.0, 1.0, 0)],
            'round' => [self::round(0.82)],
            'heart' => [self::heart()],
            'toothed' => [self::blade(0.55, 0.85, 0.8, 13)],
            'lobed' => [self::palm()],
            'oak' => [self::oak()],
            'compound' => self::leaflets(),
            default => [self::blade(0.6, 0.8, 0.75, 0)],
        };
    }

    /** @return list<array{array{float, float}, array{float, float}}> veins as lines from and to */
    public static function veins(string $shape): array
    {
        if ($shape === 'lobed' || $shape === 'round') {
            $veins = [];
            foreach ([-1.05, -0.55, 0.0, 0.55, 1.05] as $turn) {
                $veins[] = [[0.0, -0.75], [0.75 * sin($turn * 1.4), -0.75 + 1.5 * cos($turn)]];
            }

            return $veins;
        }
        if ($shape === 'compound') {
            return array_map(static fn(array $one): array => [$one[0], [$one[0][0] + $one[1] * sin($one[2]), $one[0][1] + $one[1] * cos($one[2])]], self::places());
        }
        $veins = [[[0.0, -1.0], [0.0, 0.95]]];
        for ($y = -0.7; $y < 0.75; $y += 0.24) {
            foreach ([-1, 1] as $side) {
                $veins[] = [[0.0, $y], [$side * 0.42, $y + 0.3]];
            }
        }

        return $veins;
    }

    /** @return list<array{float, float}> half its width by a skewed sine, with teeth on the edge */
    private static function blade(float $wide, float $skew, float $power, int $teeth): array
    {
        $side = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $t = $i / self::STEPS;
            $half = $wide * sin(M_PI * $t ** $skew) ** $power;
            if ($teeth > 0) {
                $half *= 1.0 - 0.1 * fmod($t * $teeth, 1.0);
            }
            $side[] = [$half, 2.0 * $t - 1.0];
        }

        return self::mirrored($side);
    }

    /** @return list<array{float, float}> */
    private static function oak(): array
    {
        $side = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $t = $i / self::STEPS;
            $side[] = [0.62 * sin(M_PI * $t ** 0.8) ** 0.7 * (0.84 + 0.16 * cos(2.0 * M_PI * 4.0 * $t)), 2.0 * $t - 1.0];
        }

        return self::mirrored($side);
    }

    /** @return list<array{float, float}> */
    private static function round(float $radius): array
    {
        $points = [];
        for ($i = 0; $i < self::STEPS; ++$i) {
            $a = 2.0 * M_PI * $i / self::STEPS;
            $points[] = [$radius * sin($a), $radius * cos($a)];
        }

        return $points;
    }

    /** @return list<array{float, float}> */
    private static function heart(): array
    {
        $points = [];
        for ($i = 0; $i < self::STEPS; ++$i) {
            $a = 2.0 * M_PI * $i / self::STEPS;
            $points[] = [0.78 * sin($a) ** 3, -(13.0 * cos($a) - 5.0 * cos(2.0 * $a) - 2.0 * cos(3.0 * $a) - cos(4.0 * $a)) / 17.0];
        }

        return $points;
    }

    /** @return list<array{float, float}> five lobes like a hand */
    private static function palm(): array
    {
        $points = [];
        for ($i = 0; $i < 2 * self::STEPS; ++$i) {
            $a = 2.0 * M_PI * $i / (2 * self::STEPS);
            $r = 0.62 + 0.3 * cos(5.0 * $a) ** 3 + 0.06 * cos($a);
            $points[] = [$r * sin($a), $r * cos($a) + 0.05];
        }

        return $points;
    }

    /** @return list<array{array{float, float}, float, float}> base, length and turn of each leaflet */
    private static function places(): array
    {
        return [[[0.0, 0.25], 0.75, 0.0], [[0.03, 0.15], 0.72, 1.0], [[-0.03, 0.15], 0.72, -1.0], [[0.03, -0.4], 0.66, 1.25], [[-0.03, -0.4], 0.66, -1.25]];
    }

    /** @return list<list<array{float, float}>> */
    private static function leaflets(): array
    {
        $all = [];
        foreach (self::places() as [$base, $long, $turn]) {
            $all[] = array_map(static function (array $point) use ($base, $long, $turn): array {
                $x = $point[0] * $long * 0.5;
                $y = ($point[1] + 1.0) * $long * 0.5;

                return [$base[0] + $x * cos($turn) + $y * sin($turn), $base[1] - $x * sin($turn) + $y * cos($turn)];
            }, self::blade(0.62, 0.85, 0.8, 0));
        }
        // The stalk that carries them.
        $all[] = [[-0.025, -1.0], [0.025, -1.0], [0.02, 0.3], [-0.02, 0.3]];

        return $all;
    }

    /**
     * @param list<array{float, float}> $side
     *
     * @return list<array{float, float}>
     */
    private static function mirrored(array $side): array
    {
        $other = array_map(static fn(array $point): array => [-$point[0], $point[1]], array_reverse($side));

        return [...$side, ...$other];
    }
}
