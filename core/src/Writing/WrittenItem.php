<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** One thing to measure out for a load. */
final readonly class WrittenItem
{
    public function __construct(
        public string $key,
        public string $name,
        public ?string $ingredient,
        public ?string $stock,
        public float $mL,
        public float $g,
        public string $words,
        public WrittenMeasured $measured,
    ) {}
}
