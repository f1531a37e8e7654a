<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Words\Say;

/** What was counted spot by spot in one look: on leaves, tips, papers. */
final readonly class LeafCounts
{
    /** @param non-empty-list<float> $each counts of 0 and more */
    private function __construct(private array $each) {}

    /**
     * @param list<float> $each counts of 0 and more, one a spot
     *
     * @throws InvalidCount when there is none, or one is below 0
     */
    public static function of(array $each): self
    {
        if ($each === []) {
            throw InvalidCount::becauseZero(Say::it('evidence/leaf-counts.number-of-leaves'));
        }
        foreach ($each as $count) {
            if (! ($count >= 0.0) || ! is_finite($count)) {
                throw InvalidCount::becauseNegative($count, Say::it('evidence/leaf-counts.count-of-leaf'));
            }
        }

        return new self($each);
    }

    public function spots(): int
    {
        return count($this->each);
    }

    /** As it would be on so many spots: looks at fewer and at more compare. */
    public function on(int $spots): float
    {
        return array_sum($this->each) * $spots / count($this->each);
    }

    /**
     * How far the natural logarithm of the total may be off by the leaves that happened to be looked at: the variance of a mean
     * over the square of that mean (delta method); never less than chance alone makes of so few (Poisson).
     */
    public function logVariance(): float
    {
        $leaves = count($this->each);
        $total = array_sum($this->each);
        $poisson = 1.0 / ($total + EvidenceLines::HALF['value']);
        if ($leaves < 2 || $total === 0.0) {
            return $poisson + 1.0 / (EvidenceLines::CLUMPED['value'] * $leaves);
        }
        $mean = $total / $leaves;
        $square = 0.0;
        foreach ($this->each as $count) {
            $square += ($count - $mean) ** 2;
        }

        return max($poisson, $square / ($leaves - 1) / $leaves / $mean ** 2);
    }
}
