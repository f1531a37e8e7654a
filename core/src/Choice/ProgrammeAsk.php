<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Trouble\Trouble;

/** What a programme is to be laid out for. */
final readonly class ProgrammeAsk
{
    /**
     * @param non-empty-list<Recipe>   $recipes in the order in which they take turns
     * @param list<array{int, string}> $had     rounds that were had: day and slug, the first on day 0
     * @param array{int, string, string}|null $next day and slug of the round that comes next, where that is settled, and the code of why
     * @param list<string>             $turns   slugs of what takes turns from that round on; all of them where none is
     */
    public function __construct(
        public Trouble $trouble,
        public array $recipes,
        /** Null where nobody said; then nothing is barred. */
        public ?ToleranceClass $plant,
        /** Whether it is there, or only feared. */
        public bool $infested,
        /** °C, mean of day and night; null where nobody said. */
        public ?float $celsius,
        /** Days that the gardener wants between rounds. */
        public ?int $pace,
        /** Multiplies what is in every one of them; above 0. */
        public float $factor = 1.0,
        public array $had = [],
        public ?array $next = null,
        public array $turns = [],
    ) {}
}
