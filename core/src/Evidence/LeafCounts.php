<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

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

    public function total(): float
    {
        return array_sum($this->each);
    }

    /** On one leaf, in the middle. */
    public function mean(): float
    {
        return $this->total() / count($this->each);
    }

    /** Of what is on one leaf, as these few show it; 0 for one alone. */
    public function variance(): float
    {
        $mean = $this->mean();
        $squares = array_map(static fn(float $count): float => ($count - $mean) ** 2, $this->each);

        return count($this->each) < 2 ? 0.0 : array_sum($squares) / (count($this->each) - 1);
    }
}
