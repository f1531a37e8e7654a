<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Schedule\Quarantine;

/**
 * Newcomers that stand apart: nothing is sprayed on them, they are looked over as they come and once a week, and are clear by a clean look
 * once four weeks went by without a find. What is found on one begins the weeks of the others anew. Common practice, no source; in how many
 * days the others are looked at then is our own (`ScheduleLines::NEIGHBOURS_AFTER`).
 */
final class KeptApart
{
    private const HOURS_A_DAY = 24.0;

    /**
     * @param CourseAsk $ask  without a method
     * @param list<Act> $more what they had all the same
     */
    public static function laid(CourseAsk $ask, array $more): Course
    {
        $looks = $ask->recorded(RecordKind::Look, RecordKind::Count);
        $finds = array_values(array_filter($looks, static fn(Recorded $one): bool => $one->isFound()));
        $last = $looks === [] ? null : $looks[count($looks) - 1];
        $found = $finds === [] ? null : $finds[count($finds) - 1]->day;
        $from = max($ask->newest, $found ?? 0);
        $end = $from + ScheduleLines::QUARANTINE['value'];
        $had = array_map(static fn(Recorded $one): Act => new Act($one->day, ActKind::Look, null, $one->isFound() ? 'looked' : 'looked-clean', ['day' => $one->day], done: true), $looks);
        $ahead = self::ahead(self::first($ask, $last, $from, $end), $from, $end);

        return new Course(
            $ahead === [] ? CourseState::End : CourseState::GoOn,
            match (true) {
                $ahead === [] => 'apart-clear',
                $ask->today > $end => 'apart-over',
                $found === $from => 'apart-anew',
                default => 'apart',
            },
            ['day' => $ahead === [] ? $last->day ?? $from : $from, 'until' => $end],
            array_slice($ahead, 0, 1),
            [...$had, ...$more, ...$ahead],
            [],
            [],
            [],
            null,
        );
    }

    /** @return Act|null the next look; null where they are clear */
    private static function first(CourseAsk $ask, ?Recorded $last, int $from, int $end): ?Act
    {
        if ($last === null || $last->day < $ask->newest) {
            return self::look(max($ask->today, $ask->newest), 'apart-first');
        }
        if ($last->isFound()) {
            return self::look(max($ask->today, $last->day + (int) ceil(ScheduleLines::NEIGHBOURS_AFTER['value'] / self::HOURS_A_DAY)), 'look-around');
        }
        $next = self::after($from, $last->day);

        return match (true) {
            $next === null => null,
            $next < $ask->today && $ask->today < $end => self::look($ask->today, 'apart-late'),
            default => self::weekly(max($ask->today, $next), $end),
        };
    }

    /** @return list<Act> from that look to the one that clears them, each held clean */
    private static function ahead(?Act $first, int $from, int $end): array
    {
        $all = [];
        for ($act = $first; $act !== null; $act = $next === null ? null : self::weekly($next, $end)) {
            $all[] = $act;
            $next = self::after($from, $act->day);
        }

        return $all;
    }

    private static function after(int $from, int $looked): ?int
    {
        $start = new DateTimeImmutable('@0');
        $next = Quarantine::nextLook($start->modify("+{$from} days"), $start->modify("+{$looked} days"));

        return $next === null ? null : $start->diff($next)->days;
    }

    private static function weekly(int $day, int $end): Act
    {
        return self::look($day, $day >= $end ? 'apart-last' : 'apart-look');
    }

    private static function look(int $day, string $because): Act
    {
        return new Act($day, ActKind::Look, null, $because, ['day' => $day]);
    }
}
