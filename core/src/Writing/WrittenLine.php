<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** So much of one ingredient in the whole. mL, g. */
final readonly class WrittenLine
{
    public function __construct(
        public string $ingredient,
        public string $name,
        public float $mL,
        public float $g,
    ) {}
}
