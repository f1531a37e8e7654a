<?php

declare(strict_types=1);

/*
 * How fast pests develop. `threshold` in °C: below it nothing does. `hatch` in degree-days above it from the laying of an egg to
 * the first and the last that hatches, null where young are born; `adult` in degree-days from egg or birth to adult. `longest`
 * days until the last egg hatches, however cold it is.
 */
$row = static fn(float $threshold, ?array $hatch, float $adult, float $longest, string $source): array => ['threshold' => $threshold, 'hatch' => $hatch, 'adult' => $adult, 'longest' => $longest, 'source' => $source];

return [
    'aphids' => $row(4.0, null, 120.0, 0.0, 'degree-days'),
    // Hatch within 7 to 10 days in a warm room, up to 45 in the cold; 6 to 9 weeks to adult.
    'mealybugs' => $row(10.0, [105.0, 150.0], 780.0, 45.0, 'practice'),
    'spider-mites' => $row(11.2, [40.0, 60.0], 137.0, 45.0, 'mite-degree-days'),
    'flat-mites' => $row(10.0, [110.0, 160.0], 420.0, 60.0, 'degree-days'),
    'broad-mites' => $row(10.0, [25.0, 40.0], 75.0, 30.0, 'degree-days'),
    'scale' => $row(10.0, [100.0, 300.0], 800.0, 60.0, 'degree-days'),
    'whitefly' => $row(8.3, [110.0, 130.0], 380.0, 40.0, 'degree-days'),
    'thrips' => $row(9.0, [45.0, 70.0], 230.0, 30.0, 'degree-days'),
    'leaf-beetles' => $row(12.0, [55.0, 90.0], 350.0, 30.0, 'degree-days'),
];
