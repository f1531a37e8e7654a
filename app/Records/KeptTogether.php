<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Correctable;
use App\Models\PestCase;
use App\Models\Round;

/** What was kept with one tap on many plants, and goes with one tap: something bought that went on all of a course. */
final class KeptTogether
{
    /** The same for all that were kept together on one course. */
    public static function mark(Round $round): string
    {
        $content = $round->getAttribute('content');

        return "{$round->sprayed_at->getTimestamp()} {$round->bought_kind} {$round->bought_name} " . (is_string($content) ? $content : '');
    }

    /** @return list<Round> that were kept together with a record; none where it was kept by itself */
    public static function with(Correctable $record): array
    {
        $course = $record instanceof Round && $record->batch_id === null ? $record->case->course_id : null;
        if (! $record instanceof Round || $course === null) {
            return [];
        }
        $rounds = Round::query()->withoutGlobalScope(Correctable::TAKEN_BACK)->whereIn('case_id', PestCase::any(PestCase::query())->where('course_id', $course)->select('id'))->whereNull('batch_id')->whereKeyNot($record->id)->get();

        return array_values(array_filter($rounds->all(), static fn(Round $one): bool => self::mark($one) === self::mark($record)));
    }
}
