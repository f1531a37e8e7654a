<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/**
 * Orders records by what can be relied on: the effect, with few cases moved towards what the family does, so that one lucky round
 * does not beat eight good ones, and what was never tried stands above what failed; less what it burns.
 */
final class Ranking
{
    /**
     * @template K of array-key
     *
     * @param array<K, Record> $records
     *
     * @return list<K> keys, best first
     */
    public static function order(array $records): array
    {
        $scores = array_map(static fn(Record $record): float => $record->score(), $records);
        asort($scores);

        return array_keys($scores);
    }
}
