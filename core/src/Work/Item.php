<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\StockPour;

/** One thing to measure out for a load: an ingredient, or a stock as one. */
final readonly class Item
{
    /** @param string $key what the load, the tally and every slip call it: it stays, in whatever order things stand */
    private function __construct(
        public string $key,
        public ?Part $part,
        public ?StockPour $pour,
        public ScoopPlan $measured,
    ) {}

    public static function ofPart(string $key, Part $part, ScoopPlan $measured): self
    {
        return new self($key, $part, null, $measured);
    }

    public static function ofPour(string $key, StockPour $pour, ScoopPlan $measured): self
    {
        return new self($key, null, $pour, $measured);
    }

    public function name(): string
    {
        return $this->part->ingredient->name ?? $this->pour->name ?? '';
    }

    public function millilitres(): float
    {
        return $this->part->millilitres ?? $this->pour->millilitres ?? 0.0;
    }

    public function grams(): float
    {
        return $this->part !== null ? $this->part->grams() : ($this->pour->millilitres ?? 0.0) * ($this->pour->density ?? 0.0);
    }

    /** How many times a measure is filled for it, what thins it among them. */
    public function moves(): int
    {
        return $this->measured->thinned?->fills() ?? $this->measured->taps();
    }

    /** Whether it comes in pieces, as eggs do. */
    public function isCounted(): bool
    {
        return $this->part?->ingredient->pieceVolume !== null;
    }

    /** mL that it adds to the sprayer: dissolved solids take no room. */
    public function room(): float
    {
        return $this->part !== null ? $this->part->room() : $this->millilitres();
    }

    /** Whether it may only meet the water after, or together with, an emulsifier. */
    public function isOily(): bool
    {
        return $this->part?->ingredient->substance->isOily() ?? true;
    }

    public function isEmulsifier(): bool
    {
        return $this->part?->ingredient->substance->isEmulsifier() ?? false;
    }
}
