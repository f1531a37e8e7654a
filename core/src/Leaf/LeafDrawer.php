<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/**
 * Draws leaves with just so much injury. The chance is a small generator of its own (Park and Miller 1988, Communications of the
 * ACM 31:1192-1201), so that the same number draws the same leaf anywhere.
 *
 * @phpstan-import-type Polygon from DrawnLeaf
 */
final class LeafDrawer
{
    private const GRID = 320;

    private const FACTOR = 16_807;

    private const MODULUS = 2_147_483_647;

    private const CORNERS = 22;

    /** Cells that one last patch covers. */
    private const LITTLE = 60;

    private const HALVINGS = 12;

    private int $state;

    private function __construct(private readonly LeafShape $shape, int $seed)
    {
        $this->state = 1 + abs($seed) % (self::MODULUS - 1);
        // The first few numbers after a small seed are small as well.
        for ($i = 0; $i < 8; ++$i) {
            $this->chance();
        }
    }

    /**
     * @param float $share percent of the leaf to be hurt, 0 to 100
     * @param int   $seed  which of the many leaves with this share
     */
    public static function draw(LeafShape $shape, float $share, int $seed): DrawnLeaf
    {
        return (new self($shape, $seed))->leaf($share);
    }

    private function leaf(float $share): DrawnLeaf
    {
        $outline = LeafOutline::of($this->shape);
        $left = [];
        foreach ($outline as $polygon) {
            $left += self::filled($polygon);
        }
        $all = count($left);
        $patches = [];
        if ($share >= 100.0) {
            return new DrawnLeaf($outline, LeafOutline::veins($this->shape), [[[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0]]], 100.0);
        }
        $places = array_keys($left);
        $want = (int) round($share / 100.0 * $all);
        while ($want > 0 && $left !== []) {
            $cell = $places[(int) ($this->chance() * count($places))] ?? $places[0];
            if (! isset($left[$cell])) {
                continue;
            }
            $middle = [($cell % self::GRID + 0.5) / self::GRID, (intdiv($cell, self::GRID) + 0.5) / self::GRID];
            $most = sqrt($want / M_PI) / self::GRID;
            // A part of what is still wanted, until little is left: then one patch of just that size.
            $radius = $want < self::LITTLE ? $most * 1.4 : $most * (0.35 + 0.4 * $this->chance());
            [$patch, $covered] = self::fitted($left, $middle, $this->waves(), $radius, $want);
            $patches[] = $patch;
            $left = array_diff_key($left, $covered);
            $want -= count($covered);
        }

        return new DrawnLeaf($outline, LeafOutline::veins($this->shape), $patches, 100.0 * ($all - count($left)) / max(1, $all));
    }

    /**
     * The largest patch of this form, up to the radius, that covers no more than is wanted; one cell where even that is too much.
     *
     * @param array<int, true>               $left
     * @param array{float, float}            $middle
     * @param list<array{int, float, float}> $waves
     *
     * @return array{Polygon, array<int, true>}
     */
    private static function fitted(array $left, array $middle, array $waves, float $radius, int $want): array
    {
        $low = 0.0;
        $high = $radius;
        for ($step = 0; $step < self::HALVINGS; ++$step) {
            $try = $step === 0 ? $high : ($low + $high) / 2.0;
            if (count(array_intersect_key(self::filled(self::patch($middle, $waves, $try)), $left)) > $want) {
                $high = $try;
            } else {
                $low = $try;
            }
            if ($low === $high) {
                break;
            }
        }
        $patch = self::patch($middle, $waves, max($low, 0.6 / self::GRID));

        return [$patch, array_intersect_key(self::filled($patch), $left)];
    }

    /**
     * @param array{float, float}            $middle
     * @param list<array{int, float, float}> $waves
     *
     * @return Polygon
     */
    private static function patch(array $middle, array $waves, float $radius): array
    {
        $patch = [];
        for ($i = 0; $i < self::CORNERS; ++$i) {
            $a = 2.0 * M_PI * $i / self::CORNERS;
            $r = self::reach($waves, $radius, $a);
            $patch[] = [$middle[0] + $r * cos($a), $middle[1] + $r * sin($a)];
        }

        return $patch;
    }

    /**
     * @param Polygon $polygon
     *
     * @return array<int, true> cells whose middle lies inside, row by row between the crossings of its sides
     */
    private static function filled(array $polygon): array
    {
        $found = [];
        $heights = array_column($polygon, 1);
        if ($heights === []) {
            return [];
        }
        $top = max(0, (int) floor(min($heights) * self::GRID));
        $bottom = min(self::GRID - 1, (int) ceil(max($heights) * self::GRID));
        for ($row = $top; $row <= $bottom; ++$row) {
            $y = ($row + 0.5) / self::GRID;
            $crossings = [];
            $last = $polygon[count($polygon) - 1];
            foreach ($polygon as $point) {
                if (($point[1] > $y) !== ($last[1] > $y)) {
                    $crossings[] = ($last[0] - $point[0]) * ($y - $point[1]) / ($last[1] - $point[1]) + $point[0];
                }
                $last = $point;
            }
            sort($crossings);
            foreach (array_chunk($crossings, 2) as [$from, $to]) {
                $first = max(0, (int) ceil($from * self::GRID - 0.5));
                $end = min(self::GRID - 1, (int) floor($to * self::GRID - 0.5));
                for ($column = $first; $column <= $end; ++$column) {
                    $found[$row * self::GRID + $column] = true;
                }
            }
        }

        return $found;
    }

    /** @param list<array{int, float, float}> $waves */
    private static function reach(array $waves, float $radius, float $angle): float
    {
        $reach = $radius;
        foreach ($waves as [$times, $high, $shift]) {
            $reach += $radius * $high * sin($times * $angle + $shift);
        }

        return $reach;
    }

    /** @return list<array{int, float, float}> */
    private function waves(): array
    {
        return array_map(fn(int $times): array => [$times, 0.3 * $this->chance() / $times, 2.0 * M_PI * $this->chance()], [2, 3, 5]);
    }

    private function chance(): float
    {
        $this->state = $this->state * self::FACTOR % self::MODULUS;

        return $this->state / self::MODULUS;
    }
}
