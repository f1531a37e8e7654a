<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** One step at the bench. */
final readonly class WrittenTask
{
    public function __construct(
        public string $code,
        /** Key of what is measured out now. */
        public ?string $item,
        public string $text,
        /** What stands in the sprayer once it is done. */
        public float $level_mL,
    ) {}
}
