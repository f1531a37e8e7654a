<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

/** One thing to do in the bed; the sentence is put together elsewhere. */
final readonly class RunStep
{
    /** @param array<string, int|float|string> $args */
    public function __construct(
        /** Of its own within the run: the same through a pause, a reload and on another device. */
        public string $key,
        public RunStepKind $kind,
        public array $args = [],
        /** Minutes that it takes at least; null where it is done when it is done. */
        public ?int $minutes = null,
        /** Number of the load, or place of the plant in the walk. */
        public ?int $ref = null,
        /** Which words of its kind are said; null for the usual ones. */
        public ?string $how = null,
    ) {}
}
