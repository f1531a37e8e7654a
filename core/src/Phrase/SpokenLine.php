<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
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

    /** mL that so much of it takes up. */
    public function millilitres(Amount $amount): float
    {
        if ($this->of instanceof Ingredient) {
            return $this->of->millilitres($amount);
        }

        return $amount->unit->dimension() === Dimension::Mass ? $amount->inBase() / self::density($this->of) : $amount->inBase();
    }

    public function takesRoom(): bool
    {
        return ! $this->of instanceof Ingredient || $this->of->substance->isLiquid();
    }

    /** g/mL of a stock, from what its lines weigh and the room that they take. */
    private static function density(Recipe $stock): float
    {
        $grams = $millilitres = 0.0;
        foreach ($stock->lines as $line) {
            $each = new self($line->ingredient ?? $line->stock ?? $stock, SpokenKind::Amount, $line->amount->value, null, null);
            $room = $each->millilitres($line->amount);
            $grams += $room * ($line->ingredient->density->value ?? ($line->stock === null ? 1.0 : self::density($line->stock)));
            $millilitres += $each->takesRoom() ? $room : 0.0;
        }

        return $millilitres > 0.0 ? $grams / $millilitres : 1.0;
    }
}
