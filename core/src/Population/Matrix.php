<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** Small symmetric matrices whose every direction counts for something. */
final class Matrix
{
    /**
     * @param list<list<float>> $matrix symmetric, positive definite
     *
     * @return list<list<float>> its inverse (Gauss and Jordan, without a search for a pivot: none of such a matrix is 0)
     */
    public static function inverse(array $matrix): array
    {
        $size = count($matrix);
        $rows = [];
        foreach ($matrix as $i => $row) {
            $rows[] = [...$row, ...array_map(static fn(int $k): float => $k === $i ? 1.0 : 0.0, range(0, $size - 1))];
        }
        for ($i = 0; $i < $size; ++$i) {
            $pivot = $rows[$i][$i];
            $rows[$i] = array_map(static fn(float $value): float => $value / $pivot, $rows[$i]);
            for ($k = 0; $k < $size; ++$k) {
                $times = $rows[$k][$i];
                foreach ($k === $i ? [] : $rows[$i] as $column => $value) {
                    $rows[$k][$column] -= $times * $value;
                }
            }
        }

        return array_map(static fn(array $row): array => array_slice($row, $size), $rows);
    }
}
