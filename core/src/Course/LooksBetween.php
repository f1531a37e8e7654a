<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Schedule\InTurn;

/** Puts looks and rinses between the rounds of a programme, and says when it may end. */
final class LooksBetween
{
    private const HOURS_A_DAY = 24.0;

    /**
     * @param list<Act>           $sprays   earliest first
     * @param array<string, InTurn> $rotation by recipe
     *
     * @param int|null              $budBreak day; null where nobody said
     *
     * @return list<Act> all of it, earliest first
     */
    public static function around(array $sprays, array $rotation, ?int $budBreak = null): array
    {
        $entries = $sprays;
        foreach ($sprays as $i => $spray) {
            $one = $rotation[(string) $spray->recipe] ?? null;
            if ($one === null) {
                continue;
            }
            $next = $sprays[$i + 1] ?? null;
            if ($one->rinsed) {
                $entries[] = new Act($spray->day + 1, ActKind::Rinse, $spray->recipe, 'rinse', ['day' => $spray->day + 1]);
            }
            if ($next === null) {
                array_push($entries, ...self::after($spray, $one, $budBreak));
                continue;
            }
            $day = $spray->day + self::days($one->fair->first->value);
            if ($day <= $next->day) {
                $entries[] = new Act($day, ActKind::Look, $spray->recipe, $day === $next->day ? 'look-before' : 'look', ['day' => $day, 'days' => $day - $spray->day, 'round' => $spray->day]);
            }
        }

        return self::sorted($entries);
    }

    /**
     * @param list<Act> $sprays earliest first
     *
     * @return list<Act> with a look before each, for it may have come; and one soon after something was found, for it may have spread
     */
    public static function beforeEach(array $sprays, CourseAsk $ask): array
    {
        $entries = [...$sprays, ...self::lookAround($ask)];
        foreach ($sprays as $i => $spray) {
            if ($i > 0) {
                $entries[] = new Act($spray->day, ActKind::Look, $spray->recipe, 'look-before', ['day' => $spray->day, 'days' => $spray->day - $sprays[$i - 1]->day, 'round' => $sprays[$i - 1]->day]);
            }
        }

        return self::sorted($entries);
    }

    /** @return list<Act> none where nothing was found at the last look */
    private static function lookAround(CourseAsk $ask): array
    {
        $looks = $ask->recorded(RecordKind::Count, RecordKind::Look);
        $last = $looks === [] ? null : $looks[count($looks) - 1];
        $day = $last?->isFound() !== true ? null : max($ask->today, $last->day + self::days(ScheduleLines::NEIGHBOURS_AFTER['value']));

        return $day === null ? [] : [new Act($day, ActKind::Look, null, 'look-around', ['day' => $day])];
    }

    /** @return list<Act> looks after the last round */
    private static function after(Act $spray, InTurn $one, ?int $budBreak): array
    {
        $judged = $spray->day + self::days($one->fair->judged->value);
        $look = static fn(int $day, string $because): Act => new Act($day, ActKind::Look, $one->recipe, $because, ['day' => $day, 'days' => $day - $spray->day, 'round' => $spray->day]);
        if ($one->onWood) {
            $asked = $budBreak === null ? [new Act($spray->day, ActKind::Date, $one->recipe, 'bud-break-asked', ['day' => $spray->day])] : [];

            return [...$asked, $look($budBreak === null ? $judged : max($budBreak, $spray->day + 1), 'bud-look'), $look($spray->day + ScheduleLines::SEASON_AFTER['value'], 'season-look')];
        }
        if ($one->onSoil && $one->pace === null) {
            return [$look($judged, 'bed-look')];
        }
        $second = max($spray->day + ScheduleLines::TAPER['value'], $judged + ScheduleLines::CLEAN_LOOKS_APART['value']);

        return [$look($judged, 'judge'), $look($second, 'second-look'), $look($second + ScheduleLines::MONTHLY['value'], 'monthly-look')];
    }

    private static function days(float $hours): int
    {
        return (int) ceil($hours / self::HOURS_A_DAY);
    }

    /**
     * @param list<Act> $entries
     *
     * @return list<Act>
     */
    private static function sorted(array $entries): array
    {
        $order = array_flip(array_column(ActKind::cases(), 'value'));
        usort($entries, static fn(Act $a, Act $b): int => [$a->day, $order[$a->kind->value]] <=> [$b->day, $order[$b->kind->value]]);

        return $entries;
    }
}
