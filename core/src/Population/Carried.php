<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What may be there after some rounds. */
final readonly class Carried
{
    /** What is no more than so many times another is no more than it: sums of small shares differ in their last digits. */
    private const SAME = 1.0 + 1e-9;

    /**
     * @param list<float> $numbers by step
     * @param list<int>   $days    of the rounds
     */
    public function __construct(public array $numbers, public array $days) {}

    /** @param list<float> $numbers */
    public function with(array $numbers): self
    {
        return new self($numbers, $this->days);
    }

    /** @param list<float> $spares share that lives of each step */
    public function sprayed(array $spares, int $day): self
    {
        return new self(array_map(static fn(float $number, float $spared): float => $number * $spared, $this->numbers, $spares), [...$this->days, $day]);
    }

    /** Whether nothing is more at any step. */
    public function isNoMoreThan(self $other): bool
    {
        foreach ($this->numbers as $step => $number) {
            if ($number > $other->numbers[$step] * self::SAME) {
                return false;
            }
        }

        return true;
    }
}
