<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** How much to make, and what from. */
final readonly class NeedAnswer
{
    /**
     * @param list<string> $because
     */
    public function __construct(
        public float $mL,
        public float $amount,
        public string $words,
        public array $because,
        public ?SensibleAnswer $sensible,
    ) {}
}
