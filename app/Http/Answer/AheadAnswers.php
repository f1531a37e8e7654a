<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Records\CasePlans;
use App\Records\LaidCourse;
use DateTimeImmutable;
use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Wording\CourseWords;

/** Tells what core lays out of a case or a course, from its first day on. */
final readonly class AheadAnswers
{
    public function __construct(private CasePlans $plans, private CourseWords $words) {}

    /** @return AheadAnswer|null null where nothing was sprayed yet */
    public function of(PestCase $case, DateTimeImmutable $now): ?AheadAnswer
    {
        $plan = $this->plans->of($case, $now);

        return $plan === null ? null : $this->laid($plan);
    }

    public function laid(LaidCourse $plan): AheadAnswer
    {
        $course = $plan->course;
        $on = static fn(int $days): string => $plan->on($days)->format('Y-m-d');
        $gap = fn(Gap $one): AheadGapAnswer => new AheadGapAnswer($on($one->from), $on($one->to), $this->words->gap($one, $course));

        return new AheadAnswer(
            implode(', then ', array_values($course->names)),
            $plan->celsius === null ? null : round($plan->celsius, 1),
            array_values(array_map(
                fn(Act $entry): AheadEntryAnswer => new AheadEntryAnswer($on($entry->day), $entry->kind->value, $course->names[(string) $entry->recipe] ?? (string) ($entry->args['name'] ?? ''), $this->words->act($entry, $course), $entry->done),
                array_filter($course->entries, static fn(Act $entry): bool => $entry->done || $entry->day >= $plan->today),
            )),
            array_map($gap, $course->gaps),
            array_map($gap, $course->development === null ? [] : Gaps::between($plan->had, $course->development)),
        );
    }
}
