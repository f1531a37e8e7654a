<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\StockPour;

/** What a load really holds once it was scooped: what was ticked off, topped up to the same mark. */
final class AsMade
{
    /**
     * @param array<string, float> $scooped mL really put in, by key of the load's item; a missing one was left out
     */
    public static function of(Load $load, array $scooped): Mixture
    {
        $parts = [];
        $pours = [];
        foreach ($load->items as $key => $item) {
            $wanted = $item->millilitres();
            $ratio = $wanted > 0.0 ? ($scooped[$key] ?? 0.0) / $wanted : 0.0;
            $pour = $item->pour === null ? null : count($pours);
            foreach ($load->partsOf($item) as $part) {
                $parts[] = $part->times($ratio)->inPour($pour);
            }
            if ($item->pour !== null) {
                $pours[] = $item->pour->times($ratio);
            }
        }

        return self::toTheMark($load, $parts, $pours);
    }

    /**
     * These parts, filled up with water to the mark of the load; a stock without water has none.
     *
     * @param list<Part>      $parts
     * @param list<StockPour> $pours
     */
    public static function toTheMark(Load $load, array $parts, array $pours): Mixture
    {
        $room = array_sum(array_map(static fn(Part $part): float => $part->room(), $parts));

        return new Mixture($load->mixture->water > 0.0 ? max(0.0, $load->mixture->finished() - $room) : 0.0, $parts, $pours);
    }

    /**
     * Several loads poured together.
     *
     * @param list<Mixture> $mixtures
     */
    public static function together(array $mixtures): Mixture
    {
        return new Mixture(
            array_sum(array_map(static fn(Mixture $mixture): float => $mixture->water, $mixtures)),
            array_merge(...array_map(static fn(Mixture $mixture): array => $mixture->parts, $mixtures)),
            array_merge(...array_map(static fn(Mixture $mixture): array => $mixture->pours, $mixtures)),
        );
    }
}
