<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** One fill of the sprayer. */
final readonly class WrittenLoad
{
    /**
     * @param list<WrittenLoadLine> $lines
     * @param list<WrittenItem> $items
     * @param list<WrittenTask> $tasks
     */
    public function __construct(
        public float $finished_mL,
        public float $water_mL,
        public string $spoken,
        public array $lines,
        public array $items,
        public array $tasks,
    ) {}
}
