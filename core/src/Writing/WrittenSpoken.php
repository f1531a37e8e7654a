<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** The figures of a plan as they are read out. */
final readonly class WrittenSpoken
{
    /**
     * @param list<string> $strength
     * @param list<string> $measured
     * @param list<string> $range
     */
    public function __construct(
        public string $make,
        public string $loads,
        public array $strength,
        public array $measured,
        public array $range,
    ) {}
}
