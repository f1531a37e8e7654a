<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\Work\Load;

/** What stands in the sprayer by the ticks, where somebody ticks: what was not ticked yet is not in yet. */
final readonly class AsTicked
{
    private function __construct(public Slips $slips, /** Whether only half of the water is taken to be in. */ public bool $halfWater) {}

    public static function of(Slips $slips, History $history, int $number, Load $load): self
    {
        $scooped = $history->scooped($number, $load);
        if (array_sum($scooped) <= 0.0) {
            return new self($slips, false);
        }
        $open = array_filter($scooped, static fn(float $ml, string $key): bool => ! isset($slips->items[$key]) && $ml < $load->items[$key]->measured->millilitres() * (1.0 - ScoopPlan::TOLERANCE), \ARRAY_FILTER_USE_BOTH);
        $half = $slips->water === null && ($open !== [] || $slips->spent !== []);
        $ticked = $slips->over($scooped);

        return new self($half ? $ticked->inWater($load->mixture->water * VesselLines::HALF['value']) : $ticked, $half);
    }
}
