<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Frost on what is not dry yet, or on oil. */
final readonly class FrostCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        if ($stand->indoors) {
            return [];
        }
        [$frost, $mild] = [$spray->frost, $spray->mild];
        $in = $week->freezesWithin($index, max($frost->value, $mild->value));
        if ($in !== null) {
            $args = ['hours' => $in, 'limit' => $in <= $frost->value ? $frost->value : $mild->value];

            return [new HourReason(HourFinding::Frost, $in <= $frost->value ? HourVerdict::No : HourVerdict::Workable, $args, $in <= $frost->value ? $frost->source : $mild->source)];
        }
        $unknown = ! $week->reaches($index, $frost->value) && $week->coldest($index, $frost->value) < WeatherLines::FROST_NEAR['value'];

        return $unknown ? [new HourReason(HourFinding::FrostUnknown, HourVerdict::Workable, ['limit' => $frost->value], $frost->source)] : [];
    }
}
