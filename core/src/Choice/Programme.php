<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\Development;
use IdleMixer\Core\Schedule\Entry;
use IdleMixer\Core\Schedule\EntryKind;
use IdleMixer\Core\Schedule\Gap;

/** Rounds, looks and rinses in their order, and what they leave open. */
final readonly class Programme
{
    /**
     * @param list<Entry>            $entries
     * @param list<Gap>              $gaps
     * @param array<string, Verdict> $barred  by recipe: what stops it on this plant
     * @param array<string, string>  $names   of the recipes, by slug
     */
    public function __construct(
        public array $entries,
        public array $gaps,
        public array $barred,
        public array $names,
        /** Null where the trouble lays no eggs and grows no young. */
        public ?Development $development,
    ) {}

    /** The same where nothing more is sprayed: what was had, and the looks. */
    public function ended(): self
    {
        $kept = array_filter($this->entries, static fn(Entry $entry): bool => $entry->kind === EntryKind::Look || $entry->because === 'had');

        return new self(array_values($kept), $this->gaps, $this->barred, $this->names, $this->development);
    }
}
