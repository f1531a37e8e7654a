<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Work\StandTest;

/** What was known of a round beside the counts, each brought to yes or no by our own lines. */
final class Facts
{
    /**
     * @param bool       $handWork  pruned, wiped or hosed the same day
     * @param float|null $hardness  mg/L as CaCO3; null where nobody knows
     * @param MixingOrder|null $order null where nobody mixed it
     * @param int        $hour      of the day by the clock of the place, 0 to 23
     * @param float|null $celsius   °C; null where nobody told it
     * @param bool|null  $asPlanned whether it was measured as planned; null where nobody knows
     * @param float|null $litres    that the plant got; null where nobody knows
     *
     * @return array<string, bool> by value of Fact; what is not known is left out
     */
    public static function of(bool $handWork, StandTest $stand, ?float $hardness, ?MixingOrder $order, int $hour, ?float $celsius, ?bool $asPlanned, ?float $litres): array
    {
        return array_filter([
            Fact::HandWork->value => $handWork,
            Fact::StandTest->value => $stand === StandTest::NotDone ? null : ! $stand->isUnsteady(),
            Fact::Hardness->value => $hardness === null ? null : $hardness > EvidenceLines::HARD_WATER['value'],
            Fact::Order->value => $order === null ? null : $order === MixingOrder::EmulsifierFirst || $order === MixingOrder::Blender,
            Fact::Hour->value => $hour < EvidenceLines::DAY_FROM['value'] || $hour >= EvidenceLines::DAY_UNTIL['value'],
            Fact::Warmth->value => $celsius === null ? null : $celsius >= EvidenceLines::WARM['value'],
            Fact::Strength->value => $asPlanned,
            Fact::Cover->value => $litres === null ? null : $litres >= EvidenceLines::WELL_WETTED['value'],
        ], static fn(?bool $known): bool => $known !== null);
    }
}
