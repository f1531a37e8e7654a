<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Data\ScheduleLines;

/** One spray of a programme, as far as its days depend on it. */
final readonly class InTurn
{
    public function __construct(
        public string $recipe,
        /** Days to the next round of its own, 1 or more; null where it is done once. */
        public ?int $pace,
        /** How it works, the main way. */
        public string $way,
        /** Percent v/v of oil that a leaf gets, a quarter of it where it is rinsed off; 0 on wood and soil. */
        public float $oil,
        /** The same of essential oil. */
        public float $essential,
        /** Percent v/v of refined oil in it. */
        public float $refined,
        public FairTime $fair,
        public bool $rinsed = false,
        /** Poured on soil: once in a rotation. */
        public bool $onSoil = false,
        /** Sprayed on bare wood. */
        public bool $onWood = false,
        /** Days that it goes on working. */
        public int $lasts = 0,
        /** Rounds one after the other at most; null where there is no limit. */
        public ?int $inARow = null,
        /** Rounds after which it is done every so many days, where its school has it so. */
        public ?int $thenAfter = null,
        public ?int $thenDays = null,
    ) {}

    /** Days from the last round of its own to the next, after so many. */
    public function paceAfter(int $rounds): ?int
    {
        return $this->pace !== null && $this->thenAfter !== null && $rounds >= $this->thenAfter ? max($this->pace, $this->thenDays ?? 0) : $this->pace;
    }

    /** Days until refined oil of it may go on again, strong oil later; null where there is too little to count. */
    public function oilAgain(): ?int
    {
        return match (true) {
            $this->refined < ScheduleLines::OIL_COUNTS['value'] => null,
            $this->refined > ScheduleLines::STRONG_OIL['value'] => ScheduleLines::STRONG_OIL_AGAIN['value'],
            default => ScheduleLines::OIL_AGAIN['value'],
        };
    }
}
