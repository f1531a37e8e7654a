<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** What to measure an amount with, and how far off that is. */
final readonly class WrittenMeasured
{
    /**
     * @param list<WrittenScoop> $scoops
     */
    public function __construct(
        public array $scoops,
        public float $mL,
        public float $error_percent,
    ) {}
}
