<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Work\StandTest;

/** What stands mixed, as far as it decides whether it may still go on. */
final readonly class BottleNow
{
    /** @param float|null $ageHours hours since it was mixed, below 0 by a clock that is behind; null while it is still being mixed */
    public function __construct(
        public ?float $ageHours,
        /** Hours that it keeps, by the strictest of those who are asked; null where it was never said. */
        public ?float $keepsHours,
        /** The same by the most patient. */
        public ?float $keepsAtMostHours,
        /** Whether every spoonful was ticked, so that what is in it is known. */
        public bool $isKnown = true,
        public bool $isGone = false,
        public StandTest $standTest = StandTest::NotDone,
        /** Whether weed killer was once in the sprayer. */
        public bool $hadWeedKiller = false,
        /** What it is called among leaf tests; empty where nobody asks. */
        public string $name = '',
        /** °C of the water that it was mixed with; null where nobody said, or once it has cooled. */
        public ?float $water = null,
    ) {}

    /**
     * What stands mixed, by what was written down of it.
     *
     * @param DateTimeImmutable|null $madeAt null while it is still being mixed
     * @param DateTimeImmutable|null $until  to which it keeps, by the school that was chosen
     * @param DateTimeImmutable|null $strict to which it keeps by the strictest school; null where that is the one
     * @param bool                   $known  whether every spoonful was ticked
     * @param float|null             $water  °C of the water that it was mixed with; null where nobody said
     */
    public static function since(?DateTimeImmutable $madeAt, ?DateTimeImmutable $until, DateTimeImmutable $now, bool $known, bool $gone, StandTest $standTest, string $name, bool $hadWeedKiller = false, ?float $water = null, ?DateTimeImmutable $strict = null): self
    {
        $hours = static fn(DateTimeImmutable $from, DateTimeImmutable $to): float => ($to->getTimestamp() - $from->getTimestamp()) / 3600.0;
        $keeps = $madeAt === null || $until === null ? null : $hours($madeAt, $until);

        $strictly = $madeAt === null || $strict === null ? $keeps : min($keeps ?? \INF, $hours($madeAt, $strict));

        return new self($madeAt === null ? null : $hours($madeAt, $now), $strictly, $keeps, $known, $gone, $standTest, $hadWeedKiller, $name, $madeAt !== null && $hours($madeAt, $now) >= GateLines::WATER_COOLS['value'] ? null : $water);
    }
}
