<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;

/** What a load really holds once it was scooped: what was ticked off, topped up to the same mark. */
final class AsMade
{
    /**
     * @param array<int, float> $scooped mL really put in, by index of the load's item; a missing one was left out
     */
    public static function of(Load $load, array $scooped): Mixture
    {
        $parts = [];
        $pours = [];
        $direct = array_values(array_filter($load->mixture->parts, static fn(Part $part): bool => $part->pour === null));
        foreach ($load->items as $i => $item) {
            $wanted = $item->millilitres();
            $ratio = $wanted > 0.0 ? ($scooped[$i] ?? 0.0) / $wanted : 0.0;
            if ($item->part !== null) {
                $parts[] = $direct[$i]->times($ratio);

                continue;
            }
            if ($item->pour !== null) {
                $from = $i - count($direct);
                foreach ($load->mixture->parts as $part) {
                    if ($part->pour === $from) {
                        $parts[] = $part->times($ratio);
                    }
                }
                $pours[] = $item->pour->times($ratio);
            }
        }
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
