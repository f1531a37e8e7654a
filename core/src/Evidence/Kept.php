<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * The share of a pest that a round left, as a natural logarithm with its variance: on that scale shares multiply, and counts
 * that scatter by leaf are nearly normal.
 */
final readonly class Kept
{
    private function __construct(public float $log, public float $variance) {}

    /**
     * @param Counted|null $before          null where only the unsprayed plant can be compared with
     * @param Counted|null $untreatedBefore null where nothing was counted on it then
     * @param Counted|null $untreatedAfter  null where nothing was counted on it then
     */
    public static function of(?Counted $before, Counted $after, ?Counted $untreatedBefore, ?Counted $untreatedAfter): self
    {
        $log = 0.0;
        $variance = 0.0;
        foreach ([[$after, 1.0], [$before, -1.0], [$untreatedAfter, -1.0], [$untreatedBefore, 1.0]] as [$count, $sign]) {
            if ($count !== null) {
                $log += $sign * log($count->value + EvidenceLines::HALF['value']);
                $variance += $count->logVariance();
            }
        }

        return new self($log, $variance);
    }

    /** Of what was kept in store. */
    public static function remembered(float $log, float $variance): self
    {
        return new self($log, $variance);
    }

    /** Percent down; below 0 where it grew. */
    public function reduction(): float
    {
        return self::percent($this->log);
    }

    /** Percent down at the ends of the interval that holds the truth 19 times of 20, by the negative binomial on the log scale. */
    public function interval(): Estimate
    {
        $half = Interval::Z * sqrt($this->variance);

        return new Estimate($this->reduction(), self::percent($this->log + $half), self::percent($this->log - $half), 1, 1);
    }

    /** Percent down that leaves a share with this natural logarithm. */
    public static function percent(float $log): float
    {
        return 100.0 * (1.0 - exp(min($log, EvidenceLines::MOST_GROWTH['value'])));
    }
}
