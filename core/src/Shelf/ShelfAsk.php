<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Recipe;

/** What can be made of a cupboard is asked for a plant, and for a trouble or none. */
final readonly class ShelfAsk
{
    /** @param list<Recipe> $own recipes of the household, to be made like any other */
    public function __construct(
        public Cupboard $cupboard,
        public Whom $whom,
        /** One fill of the sprayer. */
        public Volume $sprayer,
        /** The unit that volumes are spoken of in. */
        public Unit $unit,
        public Kit $kit,
        public Water $water,
        /** With the same cupboard; null where no trouble is named. */
        public ?Situation $situation = null,
        public array $own = [],
        /** Whether swabs are mixed in a jar as they are dipped into, and no sprayer is filled. */
        public bool $swabsInAJar = false,
    ) {}
}
