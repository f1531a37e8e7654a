<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** A line to add to a recipe. */
final readonly class WrittenExtraLine
{
    public function __construct(
        public string $ingredient,
        public float $amount,
        public string $unit,
    ) {}
}
