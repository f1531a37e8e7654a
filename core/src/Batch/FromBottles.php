<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Mix\Part;

/** What went into a batch from the bottles of the house: as planned, with what was taken instead, and what was added afterwards. */
final class FromBottles
{
    /**
     * What was spilled is gone from the bottle all the same; what stood there from another batch was poured when that was mixed.
     *
     * @param list<BottleLine> $lines   what happened to it
     * @param bool             $fromJar whether its stock came out of a jar, which was poured when the jar was mixed
     *
     * @return list<array{Part, DateTimeImmutable|null}> in mL of the bottle, and when, where that was not when it was mixed
     */
    public static function of(BatchRecord $record, array $lines, bool $fromJar): array
    {
        $parts = [];
        foreach ($record->loads as $i => $load) {
            $those = array_values(array_filter($lines, static fn(BottleLine $one): bool => $one->load === $i + 1));
            foreach ($those as $line) {
                $load = $line->taken($load);
            }
            foreach ($load->mixture->parts as $part) {
                if (! $fromJar || $part->pour === null) {
                    $parts[] = [$part, null];
                }
            }
            foreach ($those as $line) {
                foreach ($line->kind === BottleLineKind::Added ? $line->parts : [] as $part) {
                    $parts[] = [$part, $line->at];
                }
            }
        }

        return $parts;
    }
}
