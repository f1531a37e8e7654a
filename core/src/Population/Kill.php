<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\PopulationLines;

/** What a round kills of each stage, of all that are there: what it did not reach is left out of it already. */
final readonly class Kill
{
    /** @param array<string, float> $shares of 1, by stage; what is not named is spared */
    public function __construct(private array $shares) {}

    /** Share of 1. */
    public function of(Stage $stage): float
    {
        return $this->shares[$stage->value] ?? 0.0;
    }

    /** Percent that it takes of what moves, where it reaches as much as is usual; null where it kills too little to say what was reached. */
    public function usual(): ?float
    {
        $most = max($this->of(Stage::Young), $this->of(Stage::Adult));

        return $most < PopulationLines::SAYS_REACH['value'] ? null : 100.0 * $most;
    }

    /** The same by somebody who reaches more or less of what is there than is usual. */
    public function reaching(Reach $reach): self
    {
        return new self(array_map(static fn(float $share): float => min(PopulationLines::KILLED_MOST['value'], $share * $reach->times()), $this->shares));
    }

    /** Share of 1 that lives, where it works so many times as well: a round that is half as good kills as often as half a round would. */
    public function spares(Stage $stage, float $times = 1.0): float
    {
        return (1.0 - $this->of($stage)) ** $times;
    }
}
