<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * The share of a pest that a round left, as a natural logarithm with how far that may be off: on that scale shares multiply, and counts
 * that scatter by leaf are nearly normal.
 */
final readonly class Kept
{
    /**
     * @param float $chance variance by chance alone, over all counts that are compared
     * @param float $leaves one over the leaves that were looked at, summed over these counts: what clumps are spread over
     */
    public function __construct(public float $log, public float $chance, public float $leaves = 0.0) {}

    /**
     * @param Counted|null $before          null where only the unsprayed plant can be compared with
     * @param Counted|null $untreatedBefore null where nothing was counted on it then
     * @param Counted|null $untreatedAfter  null where nothing was counted on it then
     */
    public static function of(?Counted $before, Counted $after, ?Counted $untreatedBefore, ?Counted $untreatedAfter): self
    {
        $log = 0.0;
        $chance = 0.0;
        $leaves = 0.0;
        foreach ([[$after, 1.0], [$before, -1.0], [$untreatedAfter, -1.0], [$untreatedBefore, 1.0]] as [$count, $sign]) {
            if ($count !== null) {
                $log += $sign * log($count->value + EvidenceLines::HALF['value']);
                $chance += $count->chance();
                $leaves += 1.0 / $count->leaves();
            }
        }

        return new self($log, $chance, $leaves);
    }

    /** Variance of the logarithm: that of a negative binomial, 1/n by chance and 1/k by the clumps that pests sit in. */
    public function variance(Clumping $clumping): float
    {
        return $this->chance + $this->leaves / $clumping->k;
    }

    /** Percent down; below 0 where it grew. */
    public function reduction(): float
    {
        return self::percent($this->log);
    }

    /** Percent down that leaves a share with this natural logarithm. */
    public static function percent(float $log): float
    {
        return 100.0 * (1.0 - exp(min($log, EvidenceLines::MOST_GROWTH['value'])));
    }
}
