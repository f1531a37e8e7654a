<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Correctable;
use App\Models\PestCase;
use App\Models\Round;

/** What was kept with one tap on many plants, and goes with one tap: something bought that went on all of a course. */
final class KeptTogether
{
    /** @return list<Round> that were kept together with a record; none where it was kept by itself */
    public static function with(Correctable $record): array
    {
        $course = $record instanceof Round && $record->batch_id === null ? $record->case->course_id : null;
        if (! $record instanceof Round || $course === null) {
            return [];
        }
        $cases = PestCase::any(PestCase::query())->where('course_id', $course)->select('id');

        return array_values(Round::query()->withoutGlobalScope(Correctable::TAKEN_BACK)->whereIn('case_id', $cases)->where('content', $record->getAttribute('content'))->where('sprayed_at', $record->sprayed_at)->whereNull('batch_id')->whereKeyNot($record->id)->get()->all());
    }
}
