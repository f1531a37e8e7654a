<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Round;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\Remaining;

/** How much is left of what was mixed. */
final class Lefts
{
    private const ML_PER_LITRE = 1000.0;

    /** @return float mL that stood there once it was mixed, and after what was spilled or added; as planned where nobody wrote that down */
    public static function mixed(Batch $batch, BatchRecord $record): float
    {
        return BatchBook::made($batch)->finished ?? $record->finished();
    }

    /** @return float mL; 0 of what is gone */
    public static function of(Batch $batch, BatchRecord $record): float
    {
        return $batch->discarded_at !== null || $batch->made_at === null ? 0.0 : self::beside($batch, $record, null);
    }

    /**
     * What was there for one walk.
     *
     * @return float mL
     */
    public static function beside(Batch $batch, BatchRecord $record, ?int $run): float
    {
        $rounds = Round::query()->where('batch_id', $batch->id)->when($run !== null, static fn($some) => $some->where(static fn($other) => $other->whereNull('run_id')->orWhere('run_id', '!=', $run)))->whereNotNull('litres')->get(['sprayed_at', 'litres']);
        $mixed = BatchBook::mixed($batch, $record);
        $since = array_values(array_filter(BatchBook::lines($batch, $record), static fn(BottleLine $line): bool => isset($mixed[$line->load - 1]) && $line->at > $mixed[$line->load - 1]));

        return Remaining::of(self::mixed($batch, $record), $since, array_values($rounds->map(static fn(Round $round): array => [$round->sprayed_at, self::ML_PER_LITRE * ($round->litres ?? 0.0)])->all()));
    }
}
