<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

/** What may go in for something else. */
final readonly class Instead
{
    public function __construct(
        /** Slug of what goes in. */
        public string $with,
        /** mL of it for each mL of what it stands in for; g for g of a powder. */
        public float $times,
        /** Key of what it costs. */
        public string $cost,
    ) {}
}
