<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Schedule\Biology;
use IdleMixer\Core\Schedule\InTurn;

/** Two clean looks a week apart after the last round end a course; what winters or sits tight is told by the season after. Common practice, no source. */
final class Ends
{
    /** @param list<array{int, InTurn}> $had */
    public static function of(CourseAsk $ask, array $had, ?Biology $biology): ?Act
    {
        if ($had === [] || $ask->pressure === Pressure::Prevention) {
            return null;
        }
        [$last, $spray] = $had[count($had) - 1];
        $clean = [];
        foreach ($ask->recorded(RecordKind::Count, RecordKind::Look) as $one) {
            if ($one->day > $last) {
                $clean = $one->isFound() ? [] : ($one->isClean() ? [...$clean, $one->day] : $clean);
            }
        }
        if ($clean === [] || $clean[count($clean) - 1] - $clean[0] < ScheduleLines::CLEAN_LOOKS_APART['value']) {
            return null;
        }
        $season = $spray->onWood || $biology?->isProvenBySeason === true;
        $day = $season ? $last + ScheduleLines::SEASON_AFTER['value'] : $clean[count($clean) - 1] + ScheduleLines::MONTHLY['value'];

        return new Act(max($day, $ask->today), ActKind::Look, $spray->recipe, $season ? 'season-look' : 'monthly-look', ['day' => $day]);
    }
}
