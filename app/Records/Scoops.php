<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\BatchItem;
use App\Models\BatchScoop;
use IdleMixer\Core\Batch\BatchRecord;

/** Numbers the measures of a batch in the order of its plan, from 1: the same in every notebook that the batch comes into. */
final class Scoops
{
    /** @throws \LogicException when the plan has no such measure */
    public static function number(BatchRecord $record, BatchScoop $scoop): int
    {
        $at = array_search([$scoop->item->load, $scoop->item->key, $scoop->position], self::all($record), true);

        return $at === false ? throw new \LogicException($scoop->item->key) : $at + 1;
    }

    /** @return BatchScoop|null null where the plan has no measure of this number */
    public static function find(int $batch, BatchRecord $record, int $number): ?BatchScoop
    {
        [$load, $key, $position] = self::all($record)[$number - 1] ?? [0, '', 0];
        $found = BatchScoop::query()->where('position', $position);
        $found->whereIn('batch_item_id', BatchItem::query()->select('id')->where('batch_id', $batch)->where('load', $load)->where('key', $key));

        return $found->first();
    }

    /** @return list<array{int, string, int}> load, thing and place among its measures */
    private static function all(BatchRecord $record): array
    {
        $all = [];
        foreach ($record->loads as $i => $load) {
            foreach ($load->items as $key => $item) {
                foreach (array_keys($item->measured->scoops) as $position) {
                    $all[] = [$i + 1, $key, $position];
                }
            }
        }

        return $all;
    }
}
