<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/**
 * The outlines that leaves are drawn with, our own: places from 0 to 1, tip at the top.
 *
 * @phpstan-import-type Polygon from DrawnLeaf
 */
final class LeafOutline
{
    private const STEPS = 36;

    /** @return non-empty-list<Polygon> */
    public static function of(LeafShape $shape): array
    {
        return match ($shape) {
            LeafShape::Oval => [self::blade([0.5, 0.97], 0.92, 0.3, 0.8, 0.0)],
            LeafShape::Lance => [self::blade([0.5, 0.98], 0.95, 0.15, 1.0, 0.0)],
            LeafShape::Heart => [self::heart()],
            LeafShape::Lobed => [self::lobed()],
            LeafShape::Compound => [
                self::blade([0.5, 0.42], 0.4, 0.13, 0.8, 0.0), self::blade([0.52, 0.5], 0.42, 0.13, 0.8, 1.1), self::blade([0.48, 0.5], 0.42, 0.13, 0.8, -1.1),
                self::blade([0.52, 0.78], 0.4, 0.12, 0.8, 1.2), self::blade([0.48, 0.78], 0.4, 0.12, 0.8, -1.2),
            ],
        };
    }

    /** @return list<Polygon> */
    public static function veins(LeafShape $shape): array
    {
        return match ($shape) {
            LeafShape::Compound => [[[0.5, 0.98], [0.5, 0.1]], [[0.5, 0.5], [0.82, 0.34]], [[0.5, 0.5], [0.18, 0.34]], [[0.5, 0.78], [0.82, 0.66]], [[0.5, 0.78], [0.18, 0.66]]],
            LeafShape::Lobed => [[[0.5, 0.8], [0.5, 0.14]], [[0.5, 0.7], [0.85, 0.42]], [[0.5, 0.7], [0.15, 0.42]], [[0.5, 0.75], [0.76, 0.82]], [[0.5, 0.75], [0.24, 0.82]]],
            LeafShape::Lance => [[[0.5, 0.98], [0.5, 0.1]]],
            // Above the notch that the stalk comes out of.
            LeafShape::Heart => [[[0.5, 0.95], [0.5, 0.12]], [[0.5, 0.6], [0.72, 0.7]], [[0.5, 0.6], [0.28, 0.7]], [[0.5, 0.6], [0.78, 0.46]], [[0.5, 0.6], [0.22, 0.46]], [[0.5, 0.44], [0.68, 0.29]], [[0.5, 0.44], [0.32, 0.29]]],
            LeafShape::Oval => [[[0.5, 0.95], [0.5, 0.12]], [[0.5, 0.75], [0.72, 0.58]], [[0.5, 0.75], [0.28, 0.58]], [[0.5, 0.52], [0.7, 0.36]], [[0.5, 0.52], [0.3, 0.36]]],
        };
    }

    /**
     * @param array{float, float} $base
     *
     * @return Polygon half its width by a power of the sine along it
     */
    private static function blade(array $base, float $long, float $half, float $power, float $turn): array
    {
        $right = [];
        $left = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $along = $i / self::STEPS;
            $wide = $half * sin(M_PI * $along ** $power) ** $power;
            foreach ([1, -1] as $side) {
                $x = $side * $wide;
                $y = $along * $long;
                $point = [$base[0] + $x * cos($turn) + $y * sin($turn), $base[1] + $x * sin($turn) - $y * cos($turn)];
                if ($side === 1) {
                    $right[] = $point;
                } else {
                    array_unshift($left, $point);
                }
            }
        }

        return [...$right, ...$left];
    }

    /** @return Polygon */
    private static function heart(): array
    {
        $points = [];
        for ($i = 0; $i < 2 * self::STEPS; ++$i) {
            $a = M_PI * $i / self::STEPS;
            $points[] = [0.5 + 0.42 * sin($a) ** 3, 0.48 + 0.027 * (13.0 * cos($a) - 5.0 * cos(2.0 * $a) - 2.0 * cos(3.0 * $a) - cos(4.0 * $a))];
        }

        return $points;
    }

    /** @return Polygon */
    private static function lobed(): array
    {
        $points = [];
        for ($i = 0; $i < 4 * self::STEPS; ++$i) {
            $a = 2.0 * M_PI * $i / (4 * self::STEPS);
            $r = 0.33 + 0.12 * cos(5.0 * $a);
            $points[] = [0.5 + $r * sin($a), 0.52 - $r * cos($a)];
        }

        return $points;
    }
}
