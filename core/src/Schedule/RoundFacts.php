<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Window;

/** What is known that may move the next round. */
final readonly class RoundFacts
{
    /**
     * @param list<Window>|null $windows hours that are good or workable, earliest first; null where no weather is known
     * @param array{DateTimeImmutable|null, DateTimeImmutable}|null $blooms first (null: it does already) and last day of a bloom that keeps this spray off; null where none does
     */
    public function __construct(
        /** When it was sprayed last; null before the first round. */
        public ?DateTimeImmutable $last,
        /** Before it the leaf does not bear the spray again. */
        public DateTimeImmutable $earliest,
        /** When rain washed the last round off. */
        public ?DateTimeImmutable $washedOff,
        /** Clean looks since the last round, a week apart. */
        public int $cleanLooks,
        /** Until when a leaf test runs. */
        public ?DateTimeImmutable $testUntil,
        public ?array $windows,
        /** Where the forecast ends. */
        public DateTimeImmutable $forecastEnd,
        /** Until when it rests after its leaves burnt; null where none did. */
        public ?DateTimeImmutable $restsUntil = null,
        /** When the spray whose turn it is comes after the last one; null where it is the same once more. */
        public ?DateTimeImmutable $inTurn = null,
        /** When it comes where it is cool and what is fought develops slowly; null where that makes no difference. */
        public ?DateTimeImmutable $slowed = null,
        public ?array $blooms = null,
        /** From when on it may be taken to have been watered; null where it is not dry at the root, or that does not keep this spray off. */
        public ?DateTimeImmutable $dryUntil = null,
        /** When the gardener chose its day: then what only moves the rhythm of the school moves nothing, nor rain that fell before; null where nobody did. */
        public ?DateTimeImmutable $wantedSince = null,
        /** When insects were set out on it; null where none were. */
        public ?DateTimeImmutable $setOut = null,
        /** The days that the gardener has; null where that is every day. */
        public ?FreeDays $free = null,
    ) {}

    public function isWanted(): bool
    {
        return $this->wantedSince !== null;
    }
}
