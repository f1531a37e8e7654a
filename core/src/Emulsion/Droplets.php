<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** A log-normal distribution of droplet sizes by volume, cut into equal shares. */
final readonly class Droplets
{
    /** Quantiles of the standard normal in the middle of twenty equal shares; checked in the tests against `quantile`. */
    private const MIDDLES = [
        -1.959963984540, -1.439531470938, -1.150349380376, -0.934589291073, -0.755415026360,
        -0.597760126042, -0.453762190170, -0.318639363964, -0.189118426273, -0.062706777943,
        0.062706777943, 0.189118426273, 0.318639363964, 0.453762190170, 0.597760126042,
        0.755415026360, 0.934589291073, 1.150349380376, 1.439531470938, 1.959963984540,
    ];

    /**
     * @param float $median µm, by volume, above 0
     * @param float $spread geometric standard deviation, above 1
     */
    public function __construct(public float $median, public float $spread) {}

    /** @return float µm below which a share (0 to 1, exclusive) of the oil lies */
    public function quantile(float $share): float
    {
        return $this->median * $this->spread ** self::normalQuantile($share);
    }

    /** @return non-empty-list<float> µm, one for each of twenty equal shares of the oil, smallest first */
    public function diameters(): array
    {
        $all = [];
        $step = log($this->spread);
        foreach (self::MIDDLES as $z) {
            $all[] = $this->median * exp($step * $z);
        }

        return $all;
    }

    /** Acklam's rational approximation of the normal quantile, relative error below 1.2e-9 (from memory). */
    private static function normalQuantile(float $p): float
    {
        $a = [-3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.383577518672690e2, -3.066479806614716e1, 2.506628277459239];
        $b = [-5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1, -1.328068155288572e1];
        $c = [-7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783];
        $d = [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416];
        if ($p < 0.02425 || $p > 0.97575) {
            $q = sqrt(-2.0 * log(min($p, 1.0 - $p)));
            $x = ((((($c[0] * $q + $c[1]) * $q + $c[2]) * $q + $c[3]) * $q + $c[4]) * $q + $c[5]) / (((($d[0] * $q + $d[1]) * $q + $d[2]) * $q + $d[3]) * $q + 1.0);

            return $p < 0.5 ? $x : -$x;
        }
        $q = $p - 0.5;
        $r = $q * $q;

        return ((((($a[0] * $r + $a[1]) * $r + $a[2]) * $r + $a[3]) * $r + $a[4]) * $r + $a[5]) * $q / ((((($b[0] * $r + $b[1]) * $r + $b[2]) * $r + $b[3]) * $r + $b[4]) * $r + 1.0);
    }
}
