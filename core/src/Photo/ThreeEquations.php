<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** Weighted least squares of a plane over two places, by Cramer's rule. */
final class ThreeEquations
{
    private float $n;

    private float $uu;

    private float $vv;

    private float $u = 0.0;

    private float $v = 0.0;

    private float $uv = 0.0;

    private float $t = 0.0;

    private float $ut = 0.0;

    private float $vt = 0.0;

    /** @param float $ridge above 0: holds a solution where the places lie on a line */
    public function __construct(float $ridge)
    {
        $this->n = $this->uu = $this->vv = $ridge;
    }

    public function add(float $u, float $v, float $weight, float $value): void
    {
        $this->n += $weight;
        $this->u += $weight * $u;
        $this->v += $weight * $v;
        $this->uu += $weight * $u * $u;
        $this->vv += $weight * $v * $v;
        $this->uv += $weight * $u * $v;
        $this->t += $weight * $value;
        $this->ut += $weight * $u * $value;
        $this->vt += $weight * $v * $value;
    }

    /** @return array{float, float, float} the value in the middle, and how it grows along each place */
    public function solved(): array
    {
        $all = self::determinant([$this->n, $this->u, $this->v], [$this->u, $this->uu, $this->uv], [$this->v, $this->uv, $this->vv]);
        if ($all === 0.0) {
            return [0.0, 0.0, 0.0];
        }

        return [
            self::determinant([$this->t, $this->u, $this->v], [$this->ut, $this->uu, $this->uv], [$this->vt, $this->uv, $this->vv]) / $all,
            self::determinant([$this->n, $this->t, $this->v], [$this->u, $this->ut, $this->uv], [$this->v, $this->vt, $this->vv]) / $all,
            self::determinant([$this->n, $this->u, $this->t], [$this->u, $this->uu, $this->ut], [$this->v, $this->uv, $this->vt]) / $all,
        ];
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    private static function determinant(array $a, array $b, array $c): float
    {
        return $a[0] * ($b[1] * $c[2] - $b[2] * $c[1]) - $a[1] * ($b[0] * $c[2] - $b[2] * $c[0]) + $a[2] * ($b[0] * $c[1] - $b[1] * $c[0]);
    }
}
