<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Rain now, rain before, and rain that washes it off. */
final readonly class RainCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        if ($stand->indoors) {
            return [];
        }
        $now = $week->hours[$index]->told->rain ?? 0.0;
        if ($now >= WeatherLines::RAIN['value']) {
            return [new HourReason(HourFinding::Raining, $spray->isOnSoil() ? HourVerdict::Workable : HourVerdict::No, ['rain' => $now], WeatherLines::RAIN['source'])];
        }
        $reasons = [];
        $since = $spray->isOnSoil() ? null : $week->rainedWithin($index, WeatherLines::WET['value']);
        if ($since !== null && $since < WeatherLines::WET['value']) {
            $reasons[] = $since <= WeatherLines::WET_NO['value']
                ? new HourReason(HourFinding::Wet, HourVerdict::No, ['hours' => $since, 'limit' => WeatherLines::WET_NO['value']], WeatherLines::WET_NO['source'])
                : new HourReason(HourFinding::Wet, HourVerdict::Workable, ['hours' => $since, 'limit' => WeatherLines::WET['value']], WeatherLines::WET['source']);
        }
        $worst = null;
        foreach ($spray->wants as $want) {
            $reason = self::soon($week, $index, $want);
            if ($reason !== null && ($worst === null || $reason->verdict->rank() > $worst->verdict->rank())) {
                $worst = $reason;
            }
        }

        return $worst === null ? $reasons : [...$reasons, $worst];
    }

    private static function soon(Week $week, int $index, Want $want): ?HourReason
    {
        $within = $week->rainWithin($index, $want->dry->value);
        $args = ['what' => $want->what, 'limit' => $want->dry->value, 'light' => $want->light->value];
        if ($within !== null) {
            [$in, $rain] = $within;
            $borne = $rain <= $want->light->value;

            return new HourReason(HourFinding::RainSoon, $borne ? HourVerdict::Workable : HourVerdict::No, [...$args, 'hours' => $in, 'rain' => $rain, 'borne' => $borne ? 'yes' : 'no'], $borne ? $want->light->source : $want->dry->source);
        }
        $later = $want->safe->value > $want->dry->value ? $week->rainWithin($index, $want->safe->value) : null;

        return $later !== null && $later[1] > $want->light->value
            ? new HourReason(HourFinding::RainSoon, HourVerdict::Workable, [...$args, 'hours' => $later[0], 'rain' => $later[1], 'limit' => $want->safe->value, 'borne' => 'late'], $want->safe->source)
            : null;
    }
}
