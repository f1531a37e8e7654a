<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\BatchScoop;
use App\Models\BatchStep;
use App\Models\Run;
use App\Models\RunTap;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Bottle;
use IdleMixer\Core\Run\RunPlan;
use IdleMixer\Core\Work\StandTest;

/** Reads from the notebook where what is mixed stands. */
final class Bottles
{
    /** What of a batch that asks. */
    public const WITH = ['runs.taps', 'rounds:id,batch_id,sprayed_at'];

    public static function of(Batch $batch, BatchRecord $record): Bottle
    {
        $batch->loadMissing(self::WITH);
        $loads = count($record->loads);
        $mixed = count(BatchBook::mixed($batch, $record));
        $run = self::walk($batch);

        return new Bottle(
            $batch->made_at,
            $batch->discard_at,
            $batch->discarded_at !== null,
            $batch->used_up,
            StandTest::from($batch->stand_test),
            $record->wantsGlass(),
            $loads,
            $mixed,
            $mixed < $loads && (isset(BatchBook::rescued($batch)[$mixed + 1]) || self::isBegun($batch, $mixed + 1)),
            self::sprayed($batch),
            $run !== null,
            $run === null ? 0 : self::emptied($run),
        );
    }

    /** Whether it waits to be sprayed on what was sprayed last then, by what every list has of a batch. */
    public static function waits(Batch $batch, ?DateTimeImmutable $sprayed, DateTimeImmutable $now): bool
    {
        return (new Bottle($batch->made_at, $batch->discard_at, $batch->discarded_at !== null, $batch->used_up, StandTest::from($batch->stand_test)))->waits($sprayed, $now);
    }

    /** The walk with it that is not over; null where none is. */
    public static function walk(Batch $batch): ?Run
    {
        return $batch->runs->last(static fn(Run $run): bool => $run->finished_at === null);
    }

    private static function sprayed(Batch $batch): ?DateTimeImmutable
    {
        $last = $batch->rounds->max('sprayed_at');

        return $last instanceof DateTimeImmutable ? $last : null;
    }

    private static function isBegun(Batch $batch, int $load): bool
    {
        return BatchStep::query()->where('batch_id', $batch->id)->where('load', $load)->exists()
            || BatchScoop::query()->whereHas('ticks')->whereHas('item', static fn($item) => $item->where('batch_id', $batch->id)->where('load', $load))->exists();
    }

    private static function emptied(Run $run): int
    {
        return $run->taps->filter(static fn(RunTap $tap): bool => str_starts_with($tap->step, RunPlan::EMPTY))->count();
    }
}
