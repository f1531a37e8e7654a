<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Gate\HadRound;
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
     * @param float|null               $celsius  of the air where it stands; null where nobody knows
     * @param bool                     $crowded  whether other plants stand beside it
     * @param float|null               $count    of the trouble, in its own measure; null where nobody counted it
     * @param array<string, int|null>  $seen     natural enemies, and how many of each; null where nobody counted them
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
        public ?float $celsius = null,
        public bool $crowded = false,
        public ?float $count = null,
        public array $seen = [],
    ) {
        $this->plant = $whom->plant;
    }

    public function isIndoors(): bool
    {
        return $this->plant->site === Site::Indoors;
    }

    /** Whether it is met in the stage that only bare wood has, and the wood is bare no more. */
    public function isPastWinter(): bool
    {
        return $this->stage === 'winter' && ! $this->plant->isBare();
    }

    /** Whether it had copper so lately that soap is to be minded. */
    public function hadCopperLately(): bool
    {
        return $this->whom->had->isCopperLately();
    }

    /** Whether the leaves had oil within the days over which their load is added up. */
    public function hadOilLately(): bool
    {
        return array_filter($this->whom->had->rounds, static fn(HadRound $round): bool => $round->onItself && ! $round->rinsed && $round->daysAgo < ScheduleLines::OIL_AGAIN['value'] && $round->strengths->oily() > 0.0) !== [];
    }
}
