<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Recipe\Recipe;

/** One ingredient, or one stock, with how much of it, as somebody said it. */
final readonly class SpokenLine
{
    /** @param list<Remark> $remarks what was taken for granted */
    public function __construct(
        public Ingredient|Recipe $of,
        public SpokenKind $kind,
        /** In `unit`; percent of the finished spray; or parts to `per` parts of water. */
        public float $low,
        /** Top of a range; null when there is none. */
        public ?float $high,
        public ?UnitMeaning $unit,
        /** The water that a rate is for; the finished spray where it is said of a bottle. */
        public ?SpokenBasis $per = null,
        /** Parts of water to the parts of a ratio; null where the water is said elsewhere. */
        public ?float $waterParts = null,
        /** Percent v/v on the bottle, where it was said. */
        public ?float $strength = null,
        /** Code of the amount by eye, where it was one. */
        public ?string $byEye = null,
        public array $remarks = [],
    ) {}

    /** The same to another water. */
    public function per(SpokenBasis $per): self
    {
        return new self($this->of, SpokenKind::Rate, $this->low, $this->high, $this->unit, $per, null, $this->strength, $this->byEye, $this->remarks);
    }

    public function inPartsTo(float $water): self
    {
        return new self($this->of, $this->kind, $this->low, $this->high, $this->unit, $this->per, $water, $this->strength, $this->byEye, $this->remarks);
    }

    /** @param list<Remark> $more */
    public function with(array $more): self
    {
        return $more === [] ? $this : new self($this->of, $this->kind, $this->low, $this->high, $this->unit, $this->per, $this->waterParts, $this->strength, $this->byEye, [...$more, ...$this->remarks]);
    }

    public function name(): string
    {
        return $this->of->name;
    }

    public function slug(): string
    {
        return $this->of->slug;
    }

    public function ingredient(): ?Ingredient
    {
        return $this->of instanceof Ingredient ? $this->of : null;
    }

    /** mL that so much of it takes up; of a stock only a volume can be said. */
    public function millilitres(Amount $amount): float
    {
        return $this->of instanceof Ingredient ? $this->of->millilitres($amount) : $amount->inBase();
    }

    public function takesRoom(): bool
    {
        return ! $this->of instanceof Ingredient || $this->of->substance->isLiquid();
    }
}
