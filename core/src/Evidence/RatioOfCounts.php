<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** The counts around a round, as a ratio: what is there after over what was before, and the same of the plant left alone under it. */
final readonly class RatioOfCounts
{
    public function __construct(private ?Counted $before, private Counted $after, private ?Counted $untreatedBefore, private ?Counted $untreatedAfter, private Clumping $clumping) {}

    /** Natural logarithm of the share that was left, as it was counted. */
    public function log(): float
    {
        return self::one($this->after) - self::one($this->before) - self::one($this->untreatedAfter) + self::one($this->untreatedBefore);
    }

    /**
     * How often a lower ratio than this one is counted where so much is really left.
     *
     * @param float $share that is left, above 0
     */
    public function under(float $share): float
    {
        [$above, $below] = $this->shapes($share);
        $ratio = exp($this->log()) / $share;

        return Beta::under($above * $ratio / ($above * $ratio + $below), $above, $below);
    }

    /** @return array{float, float} shape of what is above the line, and of what is below it */
    private function shapes(float $share): array
    {
        if ($this->before === null) {
            return [$this->shape([[$this->after, null]]), $this->shape([[$this->untreatedAfter, null]])];
        }
        $compared = $this->untreatedBefore !== null && $this->untreatedAfter !== null ? exp(self::one($this->untreatedAfter) - self::one($this->untreatedBefore)) : 1.0;
        $times = $share * $compared * $this->before->scale() / $this->after->scale();
        $mean = $this->mean($this->before, $times);

        return [$this->shape([[$this->after, $mean * $times], [$this->untreatedBefore, null]]), $this->shape([[$this->before, $mean], [$this->untreatedAfter, null]])];
    }

    /** The mean of the count before that makes both counts likeliest, where that of the count after is so many times as large. */
    private function mean(Counted $before, float $times): float
    {
        $half = EvidenceLines::HALF['value'];
        [$one, $other] = [$before->leaves() * $this->clumping->k, $this->after->leaves() * $this->clumping->k];
        [$had, $has] = [$before->seen() + $half, $this->after->seen() + $half];
        // The slope of the likelihood of two negative binomials is nought where this quadratic is.
        $square = $times * ($one + $other);
        $linear = $times * $had * $one + $has * $other - $one * $other * (1.0 + $times);

        return ($linear + sqrt($linear ** 2 + 4.0 * $square * $one * $other * ($had + $has))) / (2.0 * $square);
    }

    /** @param list<array{Counted|null, float|null}> $counts with the mean each is taken to have; null where that is what was counted */
    private function shape(array $counts): float
    {
        $half = EvidenceLines::HALF['value'];
        $variance = 0.0;
        foreach ($counts as [$count, $mean]) {
            if ($count !== null) {
                $variance += 1.0 / (($mean ?? $count->seen()) + $half) + 1.0 / ($this->clumping->k * $count->leaves());
            }
        }

        return 1.0 / $variance;
    }

    private static function one(?Counted $count): float
    {
        return $count === null ? 0.0 : log($count->value + EvidenceLines::HALF['value']);
    }
}
