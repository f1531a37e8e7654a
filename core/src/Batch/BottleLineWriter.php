<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Mix\Part;

/** Writes down what happened to a mix, with what it takes to reckon with it later. */
final class BottleLineWriter
{
    /** @return array<string, mixed> */
    public static function write(BottleLine $line): array
    {
        return [
            'id' => $line->id,
            'kind' => $line->kind->value,
            'at' => Moments::written($line->at),
            'load' => $line->load,
            'parts' => array_map(static fn(Part $part): array => ['ingredient' => BatchWriter::ingredient($part->ingredient), 'mL' => $part->millilitres, 'strength' => $part->strength], $line->parts),
            'water_mL' => $line->water,
            'share' => $line->lost,
            'item' => $line->item,
            'until' => $line->until === null ? null : Moments::written($line->until),
        ];
    }
}
