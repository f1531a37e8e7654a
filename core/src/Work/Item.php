<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\StockPour;

/** One thing to measure out for a load: an ingredient, or a stock as one. */
final readonly class Item
{
    private function __construct(
        public ?Part $part,
        public ?StockPour $pour,
        public ScoopPlan $measured,
    ) {}

    public static function ofPart(Part $part, ScoopPlan $measured): self
    {
        return new self($part, null, $measured);
    }

    public static function ofPour(StockPour $pour, ScoopPlan $measured): self
    {
        return new self(null, $pour, $measured);
    }

    public function name(): string
    {
        return $this->part->ingredient->name ?? $this->pour->stock->name ?? '';
    }

    public function millilitres(): float
    {
        return $this->part->millilitres ?? $this->pour->millilitres ?? 0.0;
    }

    public function grams(): float
    {
        return $this->part !== null ? $this->part->grams() : ($this->pour->millilitres ?? 0.0) * ($this->pour->density ?? 0.0);
    }

    /** mL that it adds to the sprayer: dissolved solids take no room. */
    public function room(): float
    {
        return $this->part !== null ? $this->part->room() : $this->millilitres();
    }

    /** Whether it may only meet the water after, or together with, an emulsifier. */
    public function isOily(): bool
    {
        return $this->part?->ingredient->kind->isOily() ?? true;
    }

    public function isEmulsifier(): bool
    {
        return $this->part?->ingredient->kind->isEmulsifier() ?? false;
    }
}
