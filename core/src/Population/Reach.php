<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\PopulationLines;

/** How much of what is there the sprays of a household reach: 80 % is usual, until its own rounds say otherwise. Common practice, no source. */
final readonly class Reach
{
    /** Rounds that are looked at: the latest. */
    public const MOST = PopulationLines::REACH_ROUNDS['value'];

    private function __construct(
        /** Percent of what is there. */
        public float $percent,
        /** Judged rounds that say so. */
        public int $rounds,
    ) {}

    public static function usual(): self
    {
        return self::of([]);
    }

    /** @param list<array{float, float}> $rounds percent that each took, and that is usual of its spray, above 0 */
    public static function of(array $rounds): self
    {
        $doubt = PopulationLines::REACH_DOUBT['value'];
        $shares = array_map(static fn(array $one): float => max(0.0, $one[0]) / $one[1], $rounds);
        $percent = PopulationLines::REACHED['value'] * ($doubt + array_sum($shares)) / ($doubt + count($rounds));

        return new self(max(PopulationLines::REACHED_LEAST['value'], min(PopulationLines::REACHED_MOST['value'], $percent)), count($rounds));
    }

    /** Times as much as is usual. */
    public function times(): float
    {
        return $this->percent / PopulationLines::REACHED['value'];
    }
}
