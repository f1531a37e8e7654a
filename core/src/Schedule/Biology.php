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
        /** Degree-days over which rounds have to cover what is laid where that is more than to the last hatch; null where it is not. */
        private ?float $cover = null,
        /** Whether pupae rest where no spray reaches them. */
        private bool $rests = false,
        /** °C up to which nothing develops, where handbooks tell another than the line that degree-days are counted from. */
        private ?float $still = null,
        /** Days between rounds where practice goes by what hatches and not by the spray; null elsewhere. */
        public ?int $every = null,
        /** Rounds at those days. */
        public ?int $rounds = null,
        /** Whether only the season after tells that it is over. */
        public bool $isProvenBySeason = false,
        /** °C at which it develops fastest; null where only our line for all pests is known. */
        private ?float $best = null,
        /** °C from which it does not develop any more; null where that is not known. */
        private ?float $most = null,
    ) {}

    /** Whether nothing develops at so many °C. */
    public function standsStillAt(float $celsius): bool
    {
        return $celsius <= ($this->still ?? $this->threshold);
    }

    /** How many times as long it takes at so many °C as where the days of methods are told for; 1 where it is warmer. */
    public function slowedAt(float $celsius): float
    {
        $usual = ScheduleLines::USUAL_CELSIUS['value'] - $this->threshold;

        return $celsius <= $this->threshold ? 1.0 : min(ScheduleLines::MOST_SLOWED['value'], max(1.0, $usual / ($celsius - $this->threshold)));
    }

    /**
     * Degree-days of a day: °C above the threshold up to the warmth that it likes best, falling from there to none where it is too hot for it.
     *
     * @param float $celsius mean of day and night
     */
    public function warmth(float $celsius): float
    {
        $best = $this->best ?? ScheduleLines::WARMEST['value'];
        $warm = max(0.0, min($celsius, $best) - $this->threshold);

        return $this->most === null || $celsius <= $best ? $warm : $warm * max(0.0, ($this->most - $celsius) / ($this->most - $best));
    }

    /** @param float $celsius mean of day and night */
    public function at(float $celsius): Development
    {
        $warm = $this->warmth($celsius);
        $days = static fn(float $degreeDays): float => $warm > 0.0 ? $degreeDays / $warm : \INF;
        $hatch = fn(?float $degreeDays): float => $degreeDays === null ? 0.0 : min($days($degreeDays), $this->longest);
        $mean = (($this->firstHatch ?? 0.0) + ($this->lastHatch ?? 0.0)) / 2.0;

        return new Development($celsius, $hatch($this->firstHatch), $hatch($this->lastHatch), $days($this->adult), $days($this->adult - $mean), $this->firstHatch === null, $this->cover === null ? null : min($days($this->cover), $this->longest), $this->rests);
    }
}
