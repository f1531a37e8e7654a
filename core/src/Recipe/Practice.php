<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** What gardeners use a recipe for, and how often. */
final readonly class Practice
{
    /** @param list<string> $for slugs of pests */
    public function __construct(
        public array $for,
        /** Usual days between rounds when infested; null where it is done once. */
        public ?int $repeatDays,
        public string $repeat,
        /** Key of the source. */
        public string $source,
    ) {}
}
