<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Data\ScheduleLines;

/** How fast a pest develops, by degree-days above the threshold below which it does not. */
final readonly class Biology
{
    public function __construct(
        /** °C. */
        public float $threshold,
        /** Degree-days from an egg that is laid to the first that hatches; null where young are born. */
        public ?float $firstHatch,
        /** The same to the last. */
        public ?float $lastHatch,
        /** Degree-days from egg or birth to adult. */
        public float $adult,
        /** Days until the last egg hatches, however cold it is. */
        public float $longest,
        /** Key of the source. */
        public string $source,
    ) {}

    /** @param float $celsius mean of day and night */
    public function at(float $celsius): Development
    {
        $warm = min($celsius, ScheduleLines::WARMEST['value']) - $this->threshold;
        $days = static fn(float $degreeDays): float => $warm > 0.0 ? $degreeDays / $warm : \INF;
        $hatch = fn(?float $degreeDays): float => $degreeDays === null ? 0.0 : min($days($degreeDays), $this->longest);
        $mean = (($this->firstHatch ?? 0.0) + ($this->lastHatch ?? 0.0)) / 2.0;

        return new Development($celsius, $hatch($this->firstHatch), $hatch($this->lastHatch), $days($this->adult), $days($this->adult - $mean), $this->firstHatch === null);
    }
}
