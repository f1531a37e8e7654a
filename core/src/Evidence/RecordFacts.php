<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What a record comes to, in figures: all that is told of it, kept without a sentence. */
final readonly class RecordFacts
{
    public function __construct(
        public RecordTally $tally,
        /** Shares of rounds that would work, as far as these tell; null with none judged. */
        public ?Interval $share,
        /** Percent down in the middle of the judged rounds; null with none judged. */
        public ?float $median,
        public ?Estimate $estimate,
        /** Percent down, with few cases moved towards what its family does. */
        public float $shrunk,
        public Sureness $sureness,
        public VerdictReason $reason,
        public ?float $roundsNeeded,
    ) {}

    public static function of(Record $record): self
    {
        return new self(
            RecordTally::of($record),
            $record->interval(),
            $record->medianReduction(),
            $record->estimate(),
            $record->shrunk(),
            $record->sureness(),
            $record->reason(),
            $record->roundsNeeded(),
        );
    }
}
