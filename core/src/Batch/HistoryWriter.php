<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\InputLines;

/** Writes what was done with a batch, as the `record` of its document. Instants are RFC 3339 in UTC. */
final class HistoryWriter
{
    private const SHAPE = 'Y-m-d\TH:i:s\Z';

    /** @return array<string, mixed> */
    public static function write(History $history): array
    {
        return [
            'startedAt' => self::at($history->startedAt),
            'ticks' => array_map(static fn(Tick $tick): array => ['load' => $tick->load, 'item' => $tick->item, 'scoop' => $tick->scoop, 'number' => $tick->number, 'at' => self::at($tick->at), ...$tick->again === null ? [] : ['again' => self::at($tick->again)]], $history->ticks),
            'rescues' => array_map(static fn(int $load, Rescue $rescue): array => ['load' => $load, ...self::rescue($rescue), 'version' => $rescue->version], array_keys($history->rescues), $history->rescues),
            'glasses' => array_map(static fn(Glass $glass): array => ['at' => self::at($glass->at), 'result' => $glass->result->value, 'seconds' => $glass->seconds, 'height_mm' => $glass->height], $history->glasses),
            'finish' => $history->finish === null ? null : self::finish($history->finish),
            'steps' => array_map(static fn(StepDone $step): array => ['load' => $step->load, 'number' => $step->number, 'at' => self::at($step->at)], $history->steps),
            'usedUp' => $history->usedUp,
            'forLeafTest' => $history->forLeafTest,
            'lines' => array_map(BottleLineWriter::write(...), $history->lines),
            'mixed' => array_map(self::at(...), $history->mixed),
            'discardedAt' => $history->discardedAt === null ? null : self::at($history->discardedAt),
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
            'madeAt' => self::at($finish->madeAt),
            'discardAt' => self::at($finish->discardAt),
            'standTest' => $finish->standTest->value,
            'keeping' => $finish->keeping->value,
            'notes' => $finish->notes,
            'made' => $finish->made === null ? null : MadeWriter::write($finish->made),
        ];
    }

    public static function at(DateTimeImmutable $at): string
    {
        return $at->setTimezone(new DateTimeZone('UTC'))->format(self::SHAPE);
    }
}
