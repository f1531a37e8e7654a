<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What is expected on the evening of a day: of what is counted, four of five later counts lie from low to high. */
final readonly class AheadDay
{
    /** @param array<string, float> $stages numbers of animals, by stage */
    public function __construct(public float $low, public float $middle, public float $high, public array $stages) {}

    public function holds(float $count): bool
    {
        return $count >= $this->low && $count <= $this->high;
    }
}
