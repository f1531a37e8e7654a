<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\BatchScoop;
use App\Models\BatchTick;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Tick;

/** The rows that spoonfuls are ticked on: one for each thing of each load, and one for each of its measures. */
final readonly class Tallies
{
    public function layOut(Batch $batch, BatchRecord $record): void
    {
        foreach ($record->loads as $i => $load) {
            foreach ($load->items as $key => $item) {
                $row = BatchItem::query()->create(['batch_id' => $batch->id, 'load' => $i + 1, 'key' => $key]);
                foreach (array_keys($item->measured->scoops) as $position) {
                    BatchScoop::query()->create(['batch_item_id' => $row->id, 'position' => $position]);
                }
            }
        }
    }

    /** @param list<Tick> $ticks of a batch whose tally is laid out */
    public function tick(Batch $batch, array $ticks): void
    {
        $rows = [];
        foreach (BatchItem::query()->where('batch_id', $batch->id)->with('scoops')->get() as $item) {
            foreach ($item->scoops as $scoop) {
                $rows["{$item->load}/{$item->key}/{$scoop->position}"] = $scoop->id;
            }
        }
        foreach ($ticks as $tick) {
            BatchTick::query()->insertOrIgnore([
                'batch_scoop_id' => $rows["{$tick->load}/{$tick->item}/{$tick->scoop}"],
                'number' => $tick->number,
                'ticked_at' => $tick->at->format('Y-m-d H:i:s'),
                'again_at' => $tick->again?->format('Y-m-d H:i:s'),
            ]);
        }
    }
}
