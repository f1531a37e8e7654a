<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\Development;
use IdleMixer\Core\Schedule\Gap;

/** What a course answers: how it stands and why, what comes next, the whole line of it, what it leaves open, and what of a season is used. */
final readonly class Course
{
    /**
     * @param array<string, int|float|string>               $args    of the sentence that says why
     * @param list<Act>                                     $next    what is done next, earliest first
     * @param list<Act>                                     $entries from the start, earliest first
     * @param list<Gap>                                     $gaps
     * @param array<string, Verdict>                        $barred  by recipe: what stops it on this plant
     * @param array<string, string>                         $names   of the recipes, by slug
     * @param list<SeasonUse>                               $limits
     */
    public function __construct(
        public CourseState $state,
        /** Code of why it stands so. */
        public string $because,
        public array $args,
        public array $next,
        public array $entries,
        public array $gaps,
        public array $barred,
        public array $names,
        /** Null where the trouble lays no eggs and grows no young. */
        public ?Development $development,
        public array $limits = [],
        /** What may be in the place of what was chosen; null where that may. */
        public ?Nearest $nearest = null,
    ) {}

    /** Rounds that the season bears yet of what is sprayed; null where nothing limits them. */
    public function left(): ?int
    {
        $left = array_map(static fn(SeasonUse $one): int => $one->of - $one->used, $this->limits);

        return $left === [] ? null : max(0, min($left));
    }

    /** Rounds of one recipe that were had one after the other, up to the last. */
    public function hadInARow(string $recipe): int
    {
        $many = 0;
        foreach ($this->entries as $act) {
            if ($act->done && $act->kind === ActKind::Round) {
                $many = $act->recipe === $recipe ? $many + 1 : 0;
            }
        }

        return $many;
    }

    /** Most days from one of its rounds to the next; null where it has but one. */
    public function widest(): ?int
    {
        $days = array_map(static fn(Act $act): int => $act->day, array_values(array_filter($this->entries, static fn(Act $act): bool => $act->kind === ActKind::Round)));
        $gaps = array_map(static fn(int $i): int => $days[$i] - $days[$i - 1], array_keys(array_slice($days, 1, preserve_keys: true)));

        return $gaps === [] ? null : max($gaps);
    }

    /** The same where nothing more is sprayed: what was had, and the looks. */
    public function ended(): self
    {
        $kept = array_filter($this->entries, static fn(Act $act): bool => $act->kind === ActKind::Look || $act->done);

        return new self($this->state, $this->because, $this->args, $this->next, array_values($kept), $this->gaps, $this->barred, $this->names, $this->development, $this->limits, $this->nearest);
    }
}
