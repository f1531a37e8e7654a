<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Method\Method;

/** What gardeners know of a recipe beside what is in it. */
final readonly class Practice
{
    /**
     * @param list<string> $ways how it works, the main one first
     * @param list<string> $halfFor slugs of troubles
     * @param list<array{string, int, int}> $waits key of `words/en/waits.php`, from, to
     */
    public function __construct(
        public array $ways,
        /** 1 little, 2 some, 3 much. */
        public int $work,
        public array $waits,
        /** Key of the source. */
        public string $source,
        /** How its school uses it. */
        public Method $method,
        /** A drench that harms what is planted. */
        public bool $onlyWhereNothingGrows = false,
        /** Troubles that half of it is taken for. */
        public array $halfFor = [],
    ) {}
}
