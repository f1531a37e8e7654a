<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** How well what was read agrees with what is true. */
final readonly class Concordance
{
    /**
     * @param float|null $coefficient Lin's concordance, -1 to 1; null where neither varies
     * @param float      $bias mean of read less true, in the unit of both
     */
    private function __construct(public ?float $coefficient, public float $bias) {}

    /**
     * Lin (1989), Biometrics 45:255-268: 2 s_xy / (s_x² + s_y² + (mean x - mean y)²), with variances over n.
     *
     * @param non-empty-list<array{float, float}> $pairs read and true
     */
    public static function of(array $pairs): self
    {
        $n = count($pairs);
        $mx = array_sum(array_column($pairs, 0)) / $n;
        $my = array_sum(array_column($pairs, 1)) / $n;
        $xx = 0.0;
        $yy = 0.0;
        $xy = 0.0;
        foreach ($pairs as [$x, $y]) {
            $xx += ($x - $mx) ** 2 / $n;
            $yy += ($y - $my) ** 2 / $n;
            $xy += ($x - $mx) * ($y - $my) / $n;
        }
        $below = $xx + $yy + ($mx - $my) ** 2;

        return new self($below > 0.0 ? 2.0 * $xy / $below : null, $mx - $my);
    }
}
