<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Wind that carries a mist elsewhere. */
final readonly class WindCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        $wind = $week->hours[$index]->told->wind;
        if ($wind === null || $stand->indoors || ! $spray->isMist()) {
            return [];
        }

        return match (true) {
            $wind > WeatherLines::WIND_NO['value'] => [new HourReason(HourFinding::Windy, HourVerdict::No, ['wind' => $wind, 'limit' => WeatherLines::WIND_NO['value']], WeatherLines::WIND_NO['source'])],
            $wind > WeatherLines::WIND_GOOD['value'] => [new HourReason(HourFinding::Windy, HourVerdict::Workable, ['wind' => $wind, 'limit' => WeatherLines::WIND_GOOD['value']], WeatherLines::WIND_GOOD['source'])],
            default => [],
        };
    }
}
