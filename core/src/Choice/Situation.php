<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Trouble\Trouble;

/** Everything that a choice of spray hangs on. */
final readonly class Situation
{
    public PlantNow $plant;

    /**
     * @param string                   $stage    one of the stages of the trouble
     * @param string                   $name     of the plant
     * @param float|null               $hardness mg/L as CaCO3; null when unknown
     * @param array<string, OwnResult> $own      what this household found, by slug of the recipe
     * @param list<Recipe>             $recipes  of its own, to be chosen from like any other
     */
    public function __construct(
        public Trouble $trouble,
        public string $stage,
        public Severity $severity,
        public string $name,
        public Whom $whom,
        public bool $cats = false,
        public ?float $hardness = null,
        /** What is at hand; null when nobody said. */
        public ?Cupboard $cupboard = null,
        public array $own = [],
        public array $recipes = [],
    ) {
        $this->plant = $whom->plant;
    }

    public function isIndoors(): bool
    {
        return $this->plant->site === Site::Indoors;
    }
}
