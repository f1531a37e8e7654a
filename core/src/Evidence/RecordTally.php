<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** How many rounds of a record were what. */
final readonly class RecordTally
{
    public function __construct(
        public int $rounds,
        public int $judged,
        public int $worked,
        /** Judged beside an unsprayed plant. */
        public int $compared,
        /** That did more than the pest may do by itself. */
        public int $clear,
        /** Where the plant left alone lost as much. */
        public int $alone,
        public int $withHandWork,
        public int $unproven,
        public int $burntAfter,
        /** Leaf tests that were read to the end, and of these how many left marks. */
        public int $leafTests,
        public int $marked,
    ) {}

    public static function of(Record $record): self
    {
        return new self($record->rounds(), count($record->judged()), $record->worked(), $record->compared(), $record->clear(), $record->wentAlone(), $record->withHandWork(), $record->unproven(), $record->burntAfter(), $record->leafTests, $record->burned);
    }
}
