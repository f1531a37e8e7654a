<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** How fast a mist dries, by Delta T, and whether dew lies on the leaves. */
final readonly class DryingCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        if (! $spray->isMist()) {
            return [];
        }
        $hour = $week->hours[$index];
        $dewy = ! $stand->indoors && $spray->isOnLeaves() && self::isDewy($hour);

        return [
            ...($dewy ? [new HourReason(HourFinding::Dew, HourVerdict::Workable, ['humidity' => $hour->told->humidity, 'dew' => $hour->dewPoint], 'practice')] : []),
            ...self::speed($hour, $spray, $stand),
        ];
    }

    /** @return list<HourReason> */
    private static function speed(Hour $hour, Spray $spray, Stand $stand): array
    {
        $args = ['delta' => $hour->deltaT, 'humidity' => $hour->told->humidity];

        return match (true) {
            // Indoors nothing drifts: what dries fast there only works for a shorter time.
            $hour->deltaT > WeatherLines::DELTA_T_NO['value'] => [new HourReason(HourFinding::DriesTooFast, $stand->indoors ? HourVerdict::Workable : HourVerdict::No, [...$args, 'limit' => WeatherLines::DELTA_T_NO['value']], WeatherLines::DELTA_T_NO['source'])],
            $hour->deltaT > WeatherLines::DELTA_T_HIGH['value'] => [new HourReason(HourFinding::DriesTooFast, HourVerdict::Workable, [...$args, 'limit' => WeatherLines::DELTA_T_HIGH['value']], WeatherLines::DELTA_T_HIGH['source'])],
            // Cold air always has a small Delta T; on bare wood only damp air matters.
            $hour->deltaT < WeatherLines::DELTA_T_LOW['value'] && ($spray->isOnLeaves() || $hour->told->humidity >= WeatherLines::DAMP['value']) => [new HourReason(HourFinding::DriesSlowly, HourVerdict::Workable, [...$args, 'limit' => WeatherLines::DELTA_T_LOW['value']], WeatherLines::DELTA_T_LOW['source'])],
            default => [],
        };
    }

    private static function isDewy(Hour $hour): bool
    {
        $open = 1.0 - ($hour->told->cloud ?? 0.0) / 100.0;
        $calm = ($hour->told->wind ?? 0.0) < WeatherLines::DEWLESS_WIND['value'];

        return $calm && $hour->sun < WeatherLines::DEW_SUN['value'] && $hour->told->temperature - WeatherLines::LEAF_COLDER['value'] * $open <= $hour->dewPoint;
    }
}
