<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** One ingredient of a load, by itself. */
final readonly class WrittenLoadLine
{
    public function __construct(
        public string $ingredient,
        public float $mL,
        public float $g,
        /** Percent v/v on the bottle, where one states it. */
        public ?float $strength,
        /** Key of the item that brings it. */
        public string $item,
        public WrittenMeasured $measured,
    ) {}
}
