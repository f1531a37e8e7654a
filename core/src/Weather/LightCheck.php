<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Light on a wet leaf burns it; in the dark nobody sees what is sprayed. */
final readonly class LightCheck implements HourCheck
{
    /** Codes of hours in which nobody sees what is sprayed: from the start, and for most of it. */


    private const SECONDS_A_MINUTE = 60.0;

    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        $hour = $week->hours[$index];
        $next = $week->after($index);
        if (! $spray->isOnLeaves()) {
            $dark = self::dark($hour, $stand);

            return $dark === null ? [] : [$dark];
        }
        $lit = $stand->indoors && $stand->lights !== null && $stand->lights->areOn($hour->minute);
        $soon = $stand->indoors && $stand->lights !== null && $next !== null && $stand->lights->areOn($next->minute);

        return array_values(array_filter([
            $lit ? new HourReason(HourFinding::Lights, HourVerdict::No, [], 'practice') : null,
            $soon && ! $lit ? new HourReason(HourFinding::LightsSoon, HourVerdict::Workable, [], 'practice') : null,
            self::sun($hour, $next, $stand),
            self::dark($hour, $stand),
        ]));
    }

    private static function sun(Hour $hour, ?Hour $next, Stand $stand): ?HourReason
    {
        $light = $hour->light * $stand->light();
        $args = ['sun' => $hour->sun, 'cloud' => $hour->told->cloud ?? 0.0, 'exposure' => $stand->exposure->value, 'light' => 100.0 * $light, 'limit' => 100.0 * WeatherLines::LIGHT_GOOD['value'], 'stop' => 100.0 * WeatherLines::LIGHT_NO['value']];

        return match (true) {
            $light > WeatherLines::LIGHT_NO['value'] => new HourReason(HourFinding::Sun, HourVerdict::No, $args, WeatherLines::LIGHT_NO['source']),
            $light > WeatherLines::LIGHT_GOOD['value'] => new HourReason(HourFinding::Sun, HourVerdict::Workable, $args, WeatherLines::LIGHT_GOOD['source']),
            $next !== null && $next->light * $stand->light() > WeatherLines::LIGHT_NO['value'] => new HourReason(HourFinding::SunSoon, HourVerdict::Workable, $args, WeatherLines::LIGHT_NO['source']),
            default => null,
        };
    }

    private static function dark(Hour $hour, Stand $stand): ?HourReason
    {
        $minutes = $hour->darkAt === null ? \INF : ($hour->darkAt - $hour->told->at) / self::SECONDS_A_MINUTE;

        return match (true) {
            $stand->indoors => null,
            $hour->sun < WeatherLines::DARK['value'] => new HourReason(HourFinding::Dark, HourVerdict::Workable, ['below' => -$hour->sun], WeatherLines::DARK['source']),
            $minutes < WeatherLines::LEAST_LIGHT['value'] => new HourReason(HourFinding::DarkSoon, HourVerdict::Workable, ['minutes' => $minutes, 'limit' => WeatherLines::LEAST_LIGHT['value']], WeatherLines::LEAST_LIGHT['source']),
            default => null,
        };
    }
}
