<?php

declare(strict_types=1);

$hours = static fn(float $value, string $source = 'practice'): array => ['value' => $value, 'unit' => 'h', 'source' => $source];

/*
 * Hours from spraying to the look that may judge it, by what kills and on what; `first` where a look before that already
 * shows something.
 */
return [
    'contact' => ['first' => $hours(20), 'judged' => $hours(20)],
    'oil' => ['first' => $hours(48), 'judged' => $hours(48)],
    'egg-oil' => ['first' => $hours(72), 'judged' => $hours(72)],
    'neem' => ['first' => $hours(72), 'judged' => $hours(168)],
    // In the soil of a pot: roots take it up, it is found in the leaves after three days and most after ten.
    'pot' => ['first' => $hours(72), 'judged' => $hours(240)],
    'bed' => ['first' => $hours(72), 'judged' => $hours(72)],
    // By new leaves hit: old spots stay.
    'fungus' => ['first' => $hours(168), 'judged' => $hours(168)],
    // At bud break by crawlers, and the season after.
    'winter' => ['first' => $hours(1440, 'house'), 'judged' => $hours(1440, 'house')],
];
