<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\BatchItem;
use App\Models\BatchScoop;
use IdleMixer\Core\Batch\BatchRecord;

/** Numbers the measures of a batch in the order of its plan, from 1: the same in every notebook that the batch comes into. */
final class Scoops
{
    /** @return array<string, int> the number of each, by what it is of ({@see of}) */
    public static function numbers(BatchRecord $record): array
    {
        $numbers = [];
        foreach (self::all($record) as $i => $one) {
            $numbers[self::of(...$one)] = $i + 1;
        }

        return $numbers;
    }

    /** @param int $position among the measures of its thing, from 0 */
    public static function of(int $load, string $thing, int $position): string
    {
        return "{$load}/{$position}/{$thing}";
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
