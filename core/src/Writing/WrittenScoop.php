<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use JsonSerializable;

/** One measure, filled level so many times. */
final readonly class WrittenScoop implements JsonSerializable
{
    public function __construct(
        public int|float $amount,
        public string $unit,
        public int $count,
        /** What one fill holds. */
        public float $mL,
        /** What the household calls it; empty where it goes by its size. */
        public string $name,
        public string $words,
        /** Of what is in it, how much is the thing itself: below 1 where it was thinned. */
        public float $share = 1.0,
    ) {}

    /** @return array{amount: int|float, unit: string, count: int, mL: float, name: string, words: string, share?: float} */
    public function jsonSerialize(): array
    {
        return ['amount' => $this->amount, 'unit' => $this->unit, 'count' => $this->count, 'mL' => $this->mL, 'name' => $this->name, 'words' => $this->words, ...$this->share < 1.0 ? ['share' => $this->share] : []];
    }
}
