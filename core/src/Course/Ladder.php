<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Schedule\InTurn;

/** Prevention: while nothing is found the days between rounds grow, and they shrink when something is seen. Common practice, no source. */
final class Ladder
{
    private const STEPS = ScheduleLines::PREVENTION_STEPS['value'];

    /**
     * @param list<array{int, InTurn}> $had
     * @param int                      $again days after which a leaf bears it again, at least 1
     * @param array{int, string}|null  $moved day of the next round and why, where something moves it
     *
     * @return list<Act> earliest first
     */
    public static function rounds(CourseAsk $ask, InTurn $spray, array $had, int $again, ?array $moved = null): array
    {
        $acts = array_map(static fn(array $one): Act => new Act($one[0], ActKind::Round, $one[1]->recipe, 'had', ['day' => $one[0]], done: true), $had);
        if ($spray->pace === null) {
            $day = $moved[0] ?? max(0, $ask->today);

            return $acts === [] ? [new Act($day, ActKind::Round, $spray->recipe, $moved[1] ?? 'first', ['day' => $day])] : $acts;
        }
        $days = self::days($ask, $spray->pace);
        $last = $had === [] ? null : $had[count($had) - 1][0];
        $day = $moved[0] ?? max($ask->today, $last === null ? 0 : $last + $days);
        $until = max(ScheduleLines::PREVENTION_AHEAD['value'], $days + 1) + $day - ($last === null ? 0 : $days);
        $most = min(ScheduleLines::MOST_ROUNDS['value'], $spray->inARow ?? \PHP_INT_MAX);
        for (; $day < $until && count($acts) < $most; $day += $days) {
            $had = $moved === null ? $ask->free?->nearest($day, $last === null ? $day : $last + $again) ?? $day : $day;
            $acts[] = new Act($had, ActKind::Round, $spray->recipe, $moved[1] ?? ($had !== $day ? 'own-days' : ($acts === [] ? 'first' : 'prevention')), ['day' => $had, 'days' => $days]);
            $moved = null;
            [$day, $last] = [$had, $had];
        }

        return $acts;
    }

    /** Days between rounds by what was found since the start. */
    private static function days(CourseAsk $ask, int $usual): int
    {
        $steps = array_values(array_unique([...self::STEPS, $usual]));
        sort($steps);
        $at = (int) array_search($usual, $steps, true);
        foreach ($ask->everyDays === null && $ask->pressure === Pressure::Prevention ? $ask->recorded(RecordKind::Count, RecordKind::Look) : [] as $one) {
            $at = max(0, min(count($steps) - 1, $at + ($one->isClean() ? 1 : ($one->isFound() ? -1 : 0))));
        }

        return $steps[$at];
    }
}
