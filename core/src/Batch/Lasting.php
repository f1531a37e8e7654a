<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Schedule\ShelfLife;

/** Until when what is mixed keeps: what is in it that keeps worst decides. */
final class Lasting
{
    /**
     * @param list<BottleLine>  $lines  what happened to it
     * @param DateTimeImmutable $madeAt when the load in hand was mixed
     * @param ShelfLife         $today  for what went in that its plan does not know
     */
    public static function until(BatchRecord $batch, array $lines, Keeping $keeping, DateTimeImmutable $madeAt, bool $forLeafTest, ShelfLife $today): DateTimeImmutable
    {
        $parts = array_merge([], ...array_map(static fn(BottleLine $line): array => $line->parts, $lines));
        $hours = array_filter([
            $keeping->hours($batch->holding),
            $parts === [] ? null : $keeping->hours($today->of(new Mixture(0.0, $parts, []), $batch->target->use)),
            // What is left of a cup has done its work once the leaves are wet.
            $forLeafTest ? LeafLines::CUP_KEEPS['value'] : null,
        ], static fn(?float $one): bool => $one !== null);
        $until = $madeAt->modify('+' . (int) round(3600.0 * min($hours)) . ' seconds');

        return array_reduce($lines, static fn(DateTimeImmutable $first, BottleLine $line): DateTimeImmutable => min($first, $line->until ?? $first), $until);
    }
}
