<?php

declare(strict_types=1);

/*
 * Days from a spray to picking, by what is in it; what is not listed sets no wait. `raw` where it is eaten raw. Wash it always.
 */
$days = static fn(int $value, ?int $raw = null): array => ['value' => $value, 'unit' => 'd', 'source' => 'labels', ...$raw === null ? [] : ['raw' => $raw]];

return [
    'true-soap' => $days(0),
    'refined-oil' => $days(1),
    'kitchen-oil' => $days(1),
    'neem' => $days(1, 3),
    // It is the taste that stays.
    'essential-oil' => $days(3),
    'soda' => $days(1),
    'peroxide' => $days(1),
    'alcohol' => $days(1),
    // No plant product: rinse it off.
    'detergent' => $days(3),
    'egg' => $days(7, 14),
];
