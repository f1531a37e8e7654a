<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;

/** Writes what was done with a batch, as the `record` of its document. Instants are RFC 3339 in UTC. */
final class HistoryWriter
{
    /** @return array<string, mixed> */
    public static function write(History $history): array
    {
        return [
            'startedAt' => Moments::written($history->startedAt),
            'ticks' => array_map(static fn(Tick $tick): array => ['load' => $tick->load, 'item' => $tick->item, 'scoop' => $tick->scoop, 'number' => $tick->number, 'at' => Moments::written($tick->at), ...$tick->again === null ? [] : ['again' => Moments::written($tick->again)]], $history->ticks),
            'rescues' => array_map(static fn(int $load, Rescue $rescue): array => ['load' => $load, ...self::rescue($rescue), 'version' => $rescue->version], array_keys($history->rescues), $history->rescues),
            'glasses' => array_map(static fn(Glass $glass): array => ['at' => Moments::written($glass->at), 'result' => $glass->result->value, 'seconds' => $glass->seconds, 'height_mm' => $glass->height], $history->glasses),
            'finish' => $history->finish === null ? null : self::finish($history->finish),
            'steps' => array_map(static fn(StepDone $step): array => ['load' => $step->load, 'number' => $step->number, 'at' => Moments::written($step->at)], $history->steps),
            'usedUp' => $history->usedUp,
            'forLeafTest' => $history->forLeafTest,
            'lines' => array_map(BottleLineWriter::write(...), $history->lines),
            'mixed' => array_map(Moments::written(...), $history->mixed),
            'discardedAt' => $history->discardedAt === null ? null : Moments::written($history->discardedAt),
        ];
    }

    /** @return array<string, mixed> */
    public static function rescue(Rescue $rescue): array
    {
        return [
            'slips' => json_decode($rescue->said, false, InputLines::DEEPEST_DOCUMENT['value'], \JSON_THROW_ON_ERROR),
            'remedy' => $rescue->kind->value,
            'add' => array_map(static fn(string $key, float $ml): array => ['item' => $key, 'mL' => $ml], array_keys($rescue->add), $rescue->add),
            'water_mL' => $rescue->water,
            'pour_off_mL' => $rescue->pourOff,
            'title' => $rescue->title,
            'words' => $rescue->words,
        ];
    }

    /** @return array<string, mixed> */
    private static function finish(Finish $finish): array
    {
        return [
            'madeAt' => Moments::written($finish->madeAt),
            'discardAt' => Moments::written($finish->discardAt),
            'standTest' => $finish->standTest->value,
            'keeping' => $finish->keeping->value,
            'notes' => $finish->notes,
            'made' => $finish->made === null ? null : MadeWriter::write($finish->made),
        ];
    }

}
