<?php

declare(strict_types=1);

$hours = static fn(float $value, string $source): array => ['value' => $value, 'unit' => 'h', 'source' => $source];

/*
 * Hours from mixing to throwing away, by what is in the mix: the strictest school and the most patient one.
 */
return [
    'neem' => ['strict' => $hours(8, 'practice'), 'patient' => $hours(24, 'practice')],
    'egg' => ['strict' => $hours(8, 'practice'), 'patient' => $hours(12, 'practice')],
    'oil' => ['strict' => $hours(24, 'house'), 'patient' => $hours(60 * 24, 'practice')],
    'essential' => ['strict' => $hours(7 * 24, 'practice'), 'patient' => $hours(14 * 24, 'practice')],
    'stock' => ['strict' => $hours(60 * 24, 'house'), 'patient' => $hours(180 * 24, 'practice')],
    'other' => ['strict' => $hours(7 * 24, 'house'), 'patient' => $hours(60 * 24, 'practice')],
];
