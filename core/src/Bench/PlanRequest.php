<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Leaf\ToleranceClass;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Recipe;

/** What somebody wants mixed. */
final readonly class PlanRequest
{
    /** @param list<Measure> $measures 1 to 60 */
    public function __construct(
        public Recipe $recipe,
        /** Finished volume, all loads together. */
        public Volume $make,
        /** The unit that volumes are spoken of in. */
        public Unit $unit,
        /** The largest fill of one load; null when all of it fits. */
        public ?Volume $sprayer,
        public bool $highEnd,
        /** Multiplies every line but the water. */
        public float $factor,
        public array $measures,
        public Water $water,
        public ?ToleranceClass $plant,
        /** Days between rounds that practice uses for this recipe; null where none is known or it is done once. */
        public ?float $usualDays,
    ) {}
}
