<?php

declare(strict_types=1);

$hours = static fn(float $value, string $source): array => ['value' => $value, 'unit' => 'h', 'source' => $source];

/*
 * Hours from mixing to throwing away, by what is in the mix: the strictest school and the most patient one. What
 * spoils a stock is kept no longer in one.
 */
return [
    'neem' => ['strict' => $hours(8, 'practice'), 'patient' => $hours(24, 'practice'), 'spoils_stock' => false],
    'egg' => ['strict' => $hours(8, 'practice'), 'patient' => $hours(12, 'practice'), 'spoils_stock' => true],
    'oil' => ['strict' => $hours(24, 'house'), 'patient' => $hours(60 * 24, 'practice'), 'spoils_stock' => false],
    'essential-oil' => ['strict' => $hours(7 * 24, 'practice'), 'patient' => $hours(14 * 24, 'practice'), 'spoils_stock' => false],
    // Gives off gas: used at once, nothing is kept.
    'peroxide' => ['strict' => $hours(1, 'practice'), 'patient' => $hours(1, 'practice'), 'spoils_stock' => true],
    'stock' => ['strict' => $hours(60 * 24, 'house'), 'patient' => $hours(180 * 24, 'practice'), 'spoils_stock' => false],
    'other' => ['strict' => $hours(7 * 24, 'house'), 'patient' => $hours(60 * 24, 'practice'), 'spoils_stock' => false],
];
