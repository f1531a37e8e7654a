<?php

declare(strict_types=1);

/*
 * What weather each thing in a spray wants. `hot`, `warm`, `cold`, `cool` in °C: above hot and below cold it is not sprayed,
 * above warm and below cool with care; `leaf` says that the leaf counts and not the air. `from` is the percent of the spray
 * below which it is too little to count. `dry` hours without a shower are needed, `safe` hours are wanted; `light` mm of rain
 * it shrugs off after that. `frost` hours without frost are needed, `mild` hours are wanted.
 */
$row = static fn(float $value, string $unit, string $source): array => ['value' => $value, 'unit' => $unit, 'source' => $source];
$cel = static fn(float $value, string $source = 'house'): array => $row($value, 'Cel', $source);
$hours = static fn(float $value, string $source = 'house'): array => $row($value, 'h', $source);
$none = $row(0.0, 'mm', 'practice');
// What the bench goes by, too, has its home there.
$bench = require __DIR__ . '/limits.php';

$oil = ['leaf' => false, 'hot' => $bench['oil-hot'], 'warm' => $cel(29), 'cold' => $bench['oil-cold'], 'cool' => $cel(7), 'frost' => $hours(24), 'mild' => $hours(36)];
$strong = ['leaf' => true, 'hot' => $bench['soap-warm'], 'warm' => $cel(24, 'practice'), 'cold' => $cel(4), 'cool' => $cel(10), 'frost' => $hours(12), 'mild' => $hours(24)];
$other = ['leaf' => false, 'hot' => $cel(32), 'warm' => $cel(29), 'cold' => $cel(4), 'cool' => $cel(10), 'frost' => $hours(12), 'mild' => $hours(24)];

return [
    'oil' => $oil + ['from' => $row(0.1, '%', 'house'), 'dry' => $hours(4), 'safe' => $hours(8), 'light' => $row(2.0, 'mm', 'practice')],
    'neem' => $oil + ['from' => $row(0.1, '%', 'house'), 'dry' => $hours(6), 'safe' => $hours(24), 'light' => $none],
    // Strong or salty: what only holds a little oil is no strong soap.
    'soap' => $strong + ['from' => $row(0.5, '%', 'house'), 'dry' => $hours(4), 'safe' => $hours(8), 'light' => $none],
    'detergent' => $strong + ['from' => $row(0.2, '%', 'house'), 'dry' => $hours(4), 'safe' => $hours(8), 'light' => $none],
    'soda' => $strong + ['from' => $row(0.1, 'g/100 mL', 'house'), 'dry' => $hours(12), 'safe' => $hours(24), 'light' => $none],
    'alcohol' => $other + ['from' => $row(0.1, '%', 'house'), 'dry' => $hours(2), 'safe' => $hours(4), 'light' => $none],
    'peroxide' => $other + ['from' => $row(0.05, '%', 'house'), 'dry' => $hours(2), 'safe' => $hours(4), 'light' => $none],
    'essential' => $other + ['from' => $row(0.05, '%', 'house'), 'dry' => $hours(4), 'safe' => $hours(12), 'light' => $none],
    'egg' => $other + ['from' => $row(0.0, '%', 'house'), 'dry' => $hours(4), 'safe' => $hours(12), 'light' => $none],
    // On bare wood, whatever is in it: dry weather, and no frost for two days.
    'wood' => ['leaf' => false, 'hot' => $bench['oil-hot'], 'warm' => $cel(29), 'cold' => $bench['oil-cold'], 'cool' => $bench['oil-cold'], 'from' => $row(0.0, '%', 'house'), 'dry' => $hours(12, 'practice'), 'safe' => $hours(24, 'practice'), 'light' => $none, 'frost' => $hours(48, 'practice'), 'mild' => $hours(48, 'practice')],
    // Poured on soil.
    'soil' => ['leaf' => false, 'hot' => $cel(38), 'warm' => $cel(34), 'cold' => $cel(1), 'cool' => $cel(4), 'from' => $row(0.0, '%', 'house'), 'dry' => $hours(0), 'safe' => $hours(0), 'light' => $none, 'frost' => $hours(0), 'mild' => $hours(12)],
    // What is put on by hand without anything else that counts.
    'water' => ['leaf' => false, 'hot' => $cel(34), 'warm' => $cel(32), 'cold' => $cel(1), 'cool' => $cel(4), 'from' => $row(0.0, '%', 'house'), 'dry' => $hours(0), 'safe' => $hours(0), 'light' => $none, 'frost' => $hours(6), 'mild' => $hours(12)],
];
