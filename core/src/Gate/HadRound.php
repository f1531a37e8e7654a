<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Leaf\Burn;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;

/** A round that a plant had, or one of its kind. */
final readonly class HadRound
{
    public function __construct(
        /** Days since it was sprayed, 0 or more. */
        public float $daysAgo,
        public RecipeUse $use,
        public Strengths $strengths,
        /** Null where nobody knows what was in it. */
        public ?Composition $composition,
        /** Whether it was rinsed off within a day. */
        public bool $rinsed,
        /** Percent of a leaf that was hurt after it; null where nobody saw a mark. */
        public ?float $burnt = null,
        /** Whether it was this very plant, and not another of its kind. */
        public bool $onItself = true,
        /** Days since the burn was seen; null where nobody said when: then it counts from the spraying. */
        private ?float $burntDaysAgo = null,
        /** What was bought or set out; null where it was mixed. */
        public ?Bought $bought = null,
    ) {}

    /** An oil of which nobody said how much of it there was: taken for a usual one. */
    public static function ofOil(float $daysAgo): self
    {
        return new self($daysAgo, RecipeUse::Foliar, Strengths::told(Substance::RefinedOil, GateLines::USUAL_OIL['value']), null, false);
    }

    /**
     * Of what was bought only that it burnt, and what it holds, is known: oil is taken for a usual one.
     *
     * @param float      $daysAgo      since it was used, 0 or more
     * @param float|null $burnt        percent of a leaf that was hurt after it; null where nobody saw a mark
     * @param float|null $burntDaysAgo since the burn was seen; null where nobody said
     */
    public static function ofBought(?Bought $bought, float $daysAgo, bool $rinsed, ?float $burnt, bool $onItself, ?float $burntDaysAgo): self
    {
        $strengths = $bought?->holds === Holds::Oil ? Strengths::told(Substance::RefinedOil, GateLines::USUAL_OIL['value']) : Strengths::none();

        return new self($daysAgo, RecipeUse::Foliar, $strengths, null, $rinsed, $burnt, $onItself, $burntDaysAgo, $bought);
    }

    public function hasBurnt(): bool
    {
        return $this->burnt !== null && Burn::is($this->burnt);
    }

    /** Days since it burnt, as far as anybody knows. */
    public function burntAgo(): float
    {
        return $this->burntDaysAgo ?? $this->daysAgo;
    }

    /** Percent of one group that its leaves got. */
    public function onLeaf(SubstanceGroup $what): float
    {
        return $this->onItself && ($this->use === RecipeUse::Foliar || $this->use === RecipeUse::Dormant) ? $this->strengths->in($what) : 0.0;
    }
}
