<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/**
 * How bright white paper would be at each point: a plane of light in logarithms, with one shadow over it whose edge is a
 * straight line, hard or soft. Told from the paper, and carried on under the leaf.
 */
final readonly class Shade
{
    /**
     * @param array{float, float, float} $plane logarithm of luminance: at the middle, by width, by height
     * @param array{float, float, float} $edge  of the shadow, as a logistic function
     * @param float                      $depth what the shadow leaves of the light; 1 where there is none
     * @param float                      $soft  width of its edge by the long side
     * @param float                      $error how far the paper leaves this model, as a share, at the root mean square
     */
    private function __construct(private int $width, private int $height, private array $plane, private array $edge, public float $depth, public float $soft, public float $error) {}

    /** @param list<bool> $paper which points are paper */
    public static function over(LinearLight $light, array $paper): self
    {
        $cells = self::cells($light, $paper);
        $plane = self::plane($cells);
        $left = array_map(static fn(array $cell): float => $cell[2] - $plane[0] - $plane[1] * $cell[0] - $plane[2] * $cell[1], $cells);
        $shaded = array_filter($left, static fn(float $r, int $k): bool => $r < -PhotoLines::SHADED['value'] && $cells[$k][3], ARRAY_FILTER_USE_BOTH);
        if (count($shaded) < PhotoLines::SHADOW_SHARE['value'] * max(1, count($cells))) {
            return new self($light->width, $light->height, $plane, [0.0, 0.0, 0.0], 1.0, 0.0, self::scatter($cells, $left, $plane, [0.0, 0.0, 0.0], 1.0));
        }
        sort($shaded);
        $depth = exp($shaded[intdiv(count($shaded), 5)]);
        $edge = self::edge($cells, $left, $depth);
        $steep = hypot($edge[1], $edge[2]);

        return new self($light->width, $light->height, $plane, $edge, $depth, $steep > 0.0 ? 4.0 / $steep : 1.0, self::scatter($cells, $left, $plane, $edge, $depth));
    }

    /** @return list<float> luminance of white paper at each point */
    public function everywhere(): array
    {
        $out = [];
        [$p0, $px, $py] = $this->plane;
        [$e0, $ex, $ey] = $this->edge;
        $long = max($this->width, $this->height);
        for ($y = 0; $y < $this->height; ++$y) {
            $v = $y / $long - 0.5;
            for ($x = 0; $x < $this->width; ++$x) {
                $u = $x / $long - 0.5;
                $lit = exp($p0 + $px * $u + $py * $v);
                $out[] = $this->depth < 1.0 ? $lit * (1.0 - (1.0 - $this->depth) / (1.0 + exp(-max(-60.0, min(60.0, $e0 + $ex * $u + $ey * $v))))) : $lit;
            }
        }

        return $out;
    }

    /**
     * @param list<bool> $paper
     *
     * @return list<array{float, float, float, bool}> place, logarithm of luminance, and whether all around is paper
     */
    private static function cells(LinearLight $light, array $paper): array
    {
        $side = PhotoLines::CELL['value'];
        $long = max($light->width, $light->height);
        $means = [];
        $full = [];
        for ($cy = 0; $cy < intdiv($light->height, $side); ++$cy) {
            for ($cx = 0; $cx < intdiv($light->width, $side); ++$cx) {
                $sum = 0.0;
                $n = 0;
                for ($k = 0; $k < $side * $side; ++$k) {
                    $i = ($cy * $side + intdiv($k, $side)) * $light->width + $cx * $side + $k % $side;
                    if ($paper[$i]) {
                        $sum += LinearLight::luminance($light->red[$i], $light->green[$i], $light->blue[$i]);
                        ++$n;
                    }
                }
                $full[$cy][$cx] = $n * 2 > $side * $side;
                if ($n * 2 > $side * $side) {
                    $means[] = [$cx, $cy, log(max(1e-5, $sum / $n))];
                }
            }
        }
        $cells = [];
        foreach ($means as [$cx, $cy, $value]) {
            $around = ($full[$cy][$cx - 1] ?? true) && ($full[$cy][$cx + 1] ?? true) && ($full[$cy - 1][$cx] ?? true) && ($full[$cy + 1][$cx] ?? true);
            $cells[] = [($cx + 0.5) * $side / $long - 0.5, ($cy + 0.5) * $side / $long - 0.5, $value, $around];
        }

        return $cells;
    }

    /**
     * The plane most lit cells lie on: tried through three cells at a time, then fitted to those near it.
     *
     * @param list<array{float, float, float, bool}> $cells
     *
     * @return array{float, float, float}
     */
    private static function plane(array $cells): array
    {
        $n = count($cells);
        $best = [0.0, 0.0, 0.0];
        $most = -1.0;
        $tries = 160;
        for ($k = 0; $n > 3 && $k < $tries; ++$k) {
            $three = [$cells[($k * 7919) % $n], $cells[($k * 104729 + intdiv($n, 3)) % $n], $cells[($k * 1299709 + 2 * intdiv($n, 3)) % $n]];
            $plane = self::fit($three, 1e-9);
            $near = 0;
            $above = 0;
            for ($j = 0; $j < $n; $j += 3) {
                $r = $cells[$j][2] - $plane[0] - $plane[1] * $cells[$j][0] - $plane[2] * $cells[$j][1];
                $near += abs($r) < PhotoLines::LIT['value'] ? 1 : 0;
                $above += $r > 2.0 * PhotoLines::LIT['value'] ? 1 : 0;
            }
            $score = $near - 4.0 * $above;
            if ($score > $most) {
                [$most, $best] = [$score, $plane];
            }
        }
        for ($again = 0; $again < 2; ++$again) {
            $near = array_values(array_filter($cells, static fn(array $cell): bool => abs($cell[2] - $best[0] - $best[1] * $cell[0] - $best[2] * $cell[1]) < PhotoLines::LIT['value']));
            $best = count($near) > 5 ? self::fit($near, 1e-6) : ($most < 0.0 ? self::fit($cells, 1e-6) : $best);
        }

        return $best;
    }

    /**
     * @param list<array{float, float, float, bool}> $cells
     *
     * @return array{float, float, float} least squares
     */
    private static function fit(array $cells, float $ridge): array
    {
        $sums = new ThreeEquations($ridge);
        foreach ($cells as [$u, $v, $value]) {
            $sums->add($u, $v, 1.0, $value);
        }

        return $sums->solved();
    }

    /**
     * @param list<array{float, float, float, bool}> $cells
     * @param list<float>                            $left  logarithms above the plane
     *
     * @return array{float, float, float} by Newton's steps, held by a little ridge
     */
    private static function edge(array $cells, array $left, float $depth): array
    {
        $w = [0.0, 0.0, 0.0];
        $snap = PhotoLines::EDGE_SNAP['value'];
        for ($step = 0; $step < 60; ++$step) {
            $sums = new ThreeEquations(1e-6);
            foreach ($cells as $k => [$u, $v, , $around]) {
                if (! $around) {
                    continue;
                }
                $target = (1.0 - exp($left[$k])) / (1.0 - $depth);
                $target = $target < $snap ? 0.0 : ($target > 1.0 - $snap ? 1.0 : $target);
                $z = max(-30.0, min(30.0, $w[0] + $w[1] * $u + $w[2] * $v));
                $p = 1.0 / (1.0 + exp(-$z));
                $q = max(1e-4, $p * (1.0 - $p));
                $sums->add($u, $v, $q, $z + ($target - $p) / $q);
            }
            $next = $sums->solved();
            $w = [$w[0] + 0.7 * ($next[0] - $w[0]), $w[1] + 0.7 * ($next[1] - $w[1]), $w[2] + 0.7 * ($next[2] - $w[2])];
        }

        return $w;
    }

    /**
     * @param list<array{float, float, float, bool}> $cells
     * @param list<float>                            $left
     * @param array{float, float, float}             $plane
     * @param array{float, float, float}             $edge
     */
    private static function scatter(array $cells, array $left, array $plane, array $edge, float $depth): float
    {
        $sum = 0.0;
        $n = 0;
        foreach ($cells as $k => [$u, $v, , $around]) {
            if ($around) {
                $model = 1.0 - (1.0 - $depth) / (1.0 + exp(-max(-30.0, min(30.0, $edge[0] + $edge[1] * $u + $edge[2] * $v))));
                $sum += (exp($left[$k]) - ($depth < 1.0 ? $model : 1.0)) ** 2;
                ++$n;
            }
        }

        return sqrt($sum / max(1, $n));
    }
}
