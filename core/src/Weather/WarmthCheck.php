<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Too hot or too cold for what is in the spray; the strictest of it decides. */
final readonly class WarmthCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        $hour = $week->hours[$index];
        $worst = [];
        foreach ($spray->wants as $want) {
            $reason = self::of($want, $hour->told->temperature, self::leaf($hour, $stand));
            // Of two that say the same, the one with the harder limit.
            if ($reason !== null && (! isset($worst[0]) || $reason->verdict->rank() > $worst[0]->verdict->rank())) {
                $worst = [$reason];
            }
        }

        return [...$worst, ...($worst !== [] && $worst[0]->finding === HourFinding::Hot ? [] : self::still($hour, $spray, $stand))];
    }

    /** °C; in the sun a leaf is warmer than the air. */
    private static function leaf(Hour $hour, Stand $stand): float
    {
        return $hour->told->temperature + WeatherLines::LEAF_WARMER['value'] * max(0.0, $hour->light * $stand->light() - WeatherLines::LIGHT_COOL['value']);
    }

    private static function of(Want $want, float $air, float $leaf): ?HourReason
    {
        $felt = $want->byLeaf ? $leaf : $air;
        $args = ['what' => $want->what, 'celsius' => $felt, 'of' => $want->byLeaf ? 'leaf' : 'air'];

        return match (true) {
            $felt > $want->hot->value => new HourReason(HourFinding::Hot, HourVerdict::No, [...$args, 'limit' => $want->hot->value], $want->hot->source),
            $air < $want->cold->value => new HourReason(HourFinding::Cold, HourVerdict::No, [...$args, 'celsius' => $air, 'of' => 'air', 'limit' => $want->cold->value], $want->cold->source),
            $felt > $want->warm->value => new HourReason(HourFinding::Warm, HourVerdict::Workable, [...$args, 'limit' => $want->warm->value, 'stop' => $want->hot->value], $want->warm->source),
            $air < $want->cool->value => new HourReason(HourFinding::Cool, HourVerdict::Workable, [...$args, 'celsius' => $air, 'of' => 'air', 'limit' => $want->cool->value], $want->cool->source),
            default => null,
        };
    }

    /** @return list<HourReason> */
    private static function still(Hour $hour, Spray $spray, Stand $stand): array
    {
        $wind = $hour->told->wind;

        return $wind !== null && ! $stand->indoors && $spray->isMist() && $wind < WeatherLines::STILL['value'] && $hour->told->temperature > WeatherLines::STILL_WARM['value']
            ? [new HourReason(HourFinding::Still, HourVerdict::Workable, ['wind' => $wind, 'limit' => WeatherLines::STILL['value']], WeatherLines::STILL['source'])]
            : [];
    }
}
