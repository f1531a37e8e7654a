<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/**
 * Orders records by what can be relied on: the low end of the interval, so that one lucky round does not
 * beat eight good ones; then the middle reduction.
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
        $keys = array_keys($records);
        usort($keys, static fn(int|string $a, int|string $b): int => self::score($records[$b]) <=> self::score($records[$a]));

        return $keys;
    }

    /** @return array{float, float, float} */
    private static function score(Record $record): array
    {
        return [
            $record->interval()->low ?? -1.0,
            $record->medianReduction() ?? -\INF,
            $record->leafTests > 0 ? -$record->burned / $record->leafTests : 0.0,
        ];
    }
}
