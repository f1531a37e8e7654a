<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Work\StandTest;

/** What stands mixed, as far as it decides whether it may still go on. */
final readonly class BottleNow
{
    /** @param float|null $ageHours hours since it was mixed, 0 or more; null while it is still being mixed */
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
    ) {}
}
