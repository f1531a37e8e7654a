<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\RecipeUse;

/** A spray that may go on a plant: a plan, or what stands mixed, as it was really measured. */
final readonly class SprayNow
{
    public function __construct(
        public RecipeUse $use,
        /** Percent of the finished spray, at the strongest that it may be. */
        public Strengths $strengths,
        /** Null where nobody knows what is in it, or nobody asks what is proven. */
        public ?Composition $composition = null,
        /** What is known of it where it is shipped. */
        public ?Practice $practice = null,
        /** Times as strong as its recipe has it, above 0. */
        public float $factor = 1.0,
        /** Percent of peroxide in the bottle it comes from; null without any. */
        public ?float $peroxideBottle = null,
        /** Null while it is only planned. */
        public ?BottleNow $bottle = null,
        /** Whether it is rinsed off within a day. */
        public bool $rinsed = false,
        /** @var array<string, float> percent on the bottles that it comes from, where they state one, by slug of the ingredient */
        public array $grades = [],
    ) {}

    /** What is planned, or what really was measured, by the mixture that it is. */
    public static function of(Mixture $mixture, RecipeUse $use, ?Practice $practice, float $factor = 1.0, ?BottleNow $bottle = null): self
    {
        return new self($use, Strengths::of($mixture), Composition::of([$mixture]), $practice, $factor, $mixture->bottleOf(Substance::Peroxide), $bottle, $practice !== null && $practice->method->isRinsedNextDay(), $mixture->grades());
    }

    public function rinsed(bool $rinsed): self
    {
        return new self($this->use, $this->strengths, $this->composition, $this->practice, $this->factor, $this->peroxideBottle, $this->bottle, $rinsed, $this->grades);
    }

    public function has(Substance ...$any): bool
    {
        return $this->strengths->percent(...$any) > 0.0;
    }

    /** Whether what harms dry, young or moved plants is in it: oil, soap, alcohol, soda. */
    public function isHarsh(): bool
    {
        return $this->strengths->oily() > 0.0 || $this->has(Substance::TrueSoap, Substance::Detergent, Substance::Soda) || $this->strengths->in(SubstanceGroup::Alcohol) > 0.0;
    }

    /** On a swab it touches single insects and no leaf. */
    public function isSwab(): bool
    {
        return $this->use === RecipeUse::Spot;
    }

    public function isPoured(): bool
    {
        return $this->use === RecipeUse::Drench;
    }
}
