<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\WorkLines;
use IdleMixer\Core\Recipe\MixingOrder;

/**
 * The drops that come of oil and water. Free emulsifier lowers the tension with the logarithm of its concentration where the
 * oil is broken up (Szyszkowski 1908) down to that at its critical concentration; the drop goes with tension to the power
 * of 0.6 (Hinze 1955); let down, drops that the free emulsifier cannot coat merge until it can, at most to what shaking
 * makes of oil in bare water.
 */
final readonly class BreakUp
{
    public function __construct(private EmulsionTable $table, private Hardness $hardness) {}

    /**
     * @param float|null $hardness mg/L as CaCO3; null when unknown
     * @param float      $hand     how much coarser than a shake by hand of others; above 0
     *
     * @return float µm: the median by volume
     */
    public function median(Contents $in, ?float $hardness, MixingOrder $order, float $hand): float
    {
        $broken = $this->table->value("drop-{$order->value}") * $this->grown($in->tension, $this->tension($in, $hardness, $order)) * $hand;
        $bare = $this->table->value('drop-' . MixingOrder::AllTogether->value) * $this->grown($in->tension, $in->tension);

        return max($broken, min($bare, $this->coated($in, $hardness)));
    }

    /** µm: the finest drop that what is free in the finished spray can coat; d32 = 6 × oil × cover / emulsifier. */
    private function coated(Contents $in, ?float $hardness): float
    {
        if ($in->egg) {
            return 0.0;
        }
        $free = $in->others + $this->hardness->leaves($in, $hardness, $in->water);

        return $free > 0.0 ? 6.0 * $in->oil * $this->table->value('surface-cover') / 1000.0 / $free : \INF;
    }

    /** mN/m where the oil is broken up. */
    private function tension(Contents $in, ?float $hardness, MixingOrder $order): float
    {
        $least = min($in->tension, $this->table->value('least-tension'));
        if ($in->egg) {
            return $least;
        }
        $water = self::water($in, $order);
        $litres = ($water + $in->rest) / 1000.0;
        $reach = $in->othersReach + $this->hardness->leaves($in, $hardness, $water) * $in->soapReach;
        $falls = $this->table->value('tension-falls');
        $share = $litres > 0.0 ? log(1.0 + $falls * min(1.0, $reach / $litres)) / log(1.0 + $falls) : 1.0;

        return $in->tension - ($in->tension - $least) * $share;
    }

    /** How many times as large as at the least tension. */
    private function grown(float $bare, float $tension): float
    {
        return ($tension / min($bare, $this->table->value('least-tension'))) ** $this->table->value('drop-by-tension');
    }

    /** mL of water that is there when the oil is broken up; a splash goes by the oil. */
    private static function water(Contents $in, MixingOrder $order): float
    {
        $first = $in->water * WorkLines::FIRST_WATER['value'];

        return match ($order) {
            MixingOrder::AllTogether, MixingOrder::SoapThenOil => $first,
            MixingOrder::CupPremix => min(WorkLines::CUP['value'], $first),
            MixingOrder::EmulsifierFirst => min(WorkLines::SPLASH['value'] * $in->oil, $first),
            MixingOrder::Blender => 0.0,
        };
    }
}
