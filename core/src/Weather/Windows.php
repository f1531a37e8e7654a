<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** The stretches of a week that a spray is best done in. */
final class Windows
{
    /**
     * @param list<JudgedHour> $hours earliest first
     *
     * @return list<Window> the best three at most: good ones before workable ones, the soonest first
     */
    public static function best(array $hours): array
    {
        $all = self::all($hours);
        usort($all, static fn(Window $a, Window $b): int => [$a->verdict->rank(), $a->from] <=> [$b->verdict->rank(), $b->from]);

        return array_slice($all, 0, WeatherLines::WINDOWS['value']);
    }

    /**
     * @param list<JudgedHour> $hours earliest first
     *
     * @return list<Window> all of them, without hours in which nobody sees what is sprayed; earliest first
     */
    public static function all(array $hours): array
    {
        $windows = [];
        foreach ($hours as $hour) {
            $at = $hour->hour->told->at;
            if ($hour->verdict === HourVerdict::No || array_filter($hour->reasons, static fn(HourReason $one): bool => in_array($one->finding, [HourFinding::Dark, HourFinding::DarkSoon], true)) !== []) {
                continue;
            }
            $last = $windows === [] ? null : $windows[count($windows) - 1];
            if ($last !== null && $last->to === $at && $last->verdict === $hour->verdict) {
                array_pop($windows);
                $windows[] = new Window($last->from, $at + WeatherLines::APART['value'], $last->verdict, $last->reason, $hour->darkAt);
                continue;
            }
            $windows[] = new Window($at, $at + WeatherLines::APART['value'], $hour->verdict, $hour->reasons[0] ?? null, $hour->darkAt);
        }

        return $windows;
    }
}
