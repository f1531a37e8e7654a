<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Records\CasePlans;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Entry;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Wording\RoundWords;

/** Tells the programme of a case, from its first round on. */
final readonly class ProgrammeAnswers
{
    public function __construct(private CasePlans $plans, private RoundWords $words) {}

    /** @return ProgrammeAnswer|null null where nothing was sprayed yet */
    public function of(PestCase $case, DateTimeImmutable $now): ?ProgrammeAnswer
    {
        $plan = $this->plans->of($case, $now);
        if ($plan === null) {
            return null;
        }
        $programme = $plan->programme;
        $on = static fn(int $days): string => $plan->on($days)->format('Y-m-d');
        $gap = fn(Gap $one): ProgrammeGapAnswer => new ProgrammeGapAnswer($on($one->from), $on($one->to), $this->words->gap($one, $programme));

        return new ProgrammeAnswer(
            implode(', then ', array_values($programme->names)),
            $plan->celsius === null ? null : round($plan->celsius, 1),
            array_values(array_map(
                fn(Entry $entry): ProgrammeEntryAnswer => new ProgrammeEntryAnswer($on($entry->day), $entry->kind->value, $programme->names[(string) $entry->recipe] ?? '', $this->words->entry($entry, $programme), $entry->because === 'had'),
                array_filter($programme->entries, static fn(Entry $entry): bool => $entry->because === 'had' || $entry->day >= $plan->today),
            )),
            array_map($gap, $programme->gaps),
            array_map($gap, $programme->development === null ? [] : Gaps::between($plan->had, $programme->development)),
        );
    }
}
