<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** What gardeners use a recipe for, and how often. */
final readonly class Practice
{
    /**
     * @param list<string> $for  slugs of pests
     * @param list<string> $ways how it works, the main one first
     * @param list<string> $halfFor slugs of troubles
     * @param list<array{string, int, int}> $waits key of `words/en/waits.php`, from, to
     */
    public function __construct(
        public array $ways,
        /** 1 little, 2 some, 3 much. */
        public int $work,
        public array $for,
        /** Usual days between rounds when infested; null where it is done once. */
        public ?int $repeatDays,
        public string $repeat,
        public array $waits,
        /** Key of the source. */
        public string $source,
        /** A drench that harms what is planted. */
        public bool $onlyWhereNothingGrows = false,
        /** Each round is rinsed off within a day. */
        public bool $rinsed = false,
        /** Troubles that half of it is taken for. */
        public array $halfFor = [],
    ) {}
}
