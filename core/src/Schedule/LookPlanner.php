<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Data\ScheduleLines;

/** Puts looks and rinses between the rounds of a programme, and says when it may end. */
final class LookPlanner
{
    private const HOURS_A_DAY = 24.0;

    /**
     * @param list<Entry>           $sprays   earliest first
     * @param array<string, InTurn> $rotation by recipe
     *
     * @return list<Entry> all of it, earliest first
     */
    public static function around(array $sprays, array $rotation): array
    {
        $entries = $sprays;
        foreach ($sprays as $i => $spray) {
            $one = $rotation[(string) $spray->recipe];
            $next = $sprays[$i + 1] ?? null;
            if ($one->rinsed) {
                $entries[] = new Entry($spray->day + 1, EntryKind::Rinse, $spray->recipe, 'rinse', ['day' => $spray->day + 1]);
            }
            if ($next === null) {
                array_push($entries, ...self::after($spray, $one));
                continue;
            }
            $day = $spray->day + self::days($one->fair->first->value);
            if ($day <= $next->day) {
                $entries[] = new Entry($day, EntryKind::Look, $spray->recipe, $day === $next->day ? 'look-before' : 'look', ['day' => $day, 'days' => $day - $spray->day, 'round' => $spray->day]);
            }
        }

        return self::sorted($entries);
    }

    /**
     * @param list<Entry> $sprays earliest first
     *
     * @return list<Entry> with a look before each, for it may have come
     */
    public static function beforeEach(array $sprays): array
    {
        $entries = $sprays;
        foreach ($sprays as $i => $spray) {
            if ($i > 0) {
                $entries[] = new Entry($spray->day, EntryKind::Look, $spray->recipe, 'look-before', ['day' => $spray->day, 'days' => $spray->day - $sprays[$i - 1]->day, 'round' => $sprays[$i - 1]->day]);
            }
        }

        return self::sorted($entries);
    }

    /** @return list<Entry> looks after the last round */
    private static function after(Entry $spray, InTurn $one): array
    {
        $judged = $spray->day + self::days($one->fair->judged->value);
        $look = static fn(int $day, string $because): Entry => new Entry($day, EntryKind::Look, $one->recipe, $because, ['day' => $day, 'days' => $day - $spray->day, 'round' => $spray->day]);
        if ($one->onWood) {
            return [$look($judged, 'bud-look'), $look($spray->day + ScheduleLines::SEASON_AFTER['value'], 'season-look')];
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
     * @param list<Entry> $entries
     *
     * @return list<Entry>
     */
    private static function sorted(array $entries): array
    {
        $order = array_flip(array_column(EntryKind::cases(), 'value'));
        usort($entries, static fn(Entry $a, Entry $b): int => [$a->day, $order[$a->kind->value]] <=> [$b->day, $order[$b->kind->value]]);

        return $entries;
    }
}
