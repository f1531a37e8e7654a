<?php

declare(strict_types=1);

return [
    'rank' => 220,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'rosemary-mist',
        'name' => 'Rosemary mist',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 20, 'unit' => '[foz_us]', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'rosemary-oil', 'amount' => 0.3333333333333333, 'unit' => '[tsp_us]'],
            ['ingredient' => 'dish-detergent', 'amount' => 2, 'unit' => '[drp]', 'upTo' => 3],
        ],
        'notes' => 'Distilled water. Dish soap is a detergent here and can strip leaves.',
    ],
    'practice' => [
        'ways' => ['essential'],
        'work' => 1,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => ['air-room'],
        'everyDays' => ['prevention' => 10, 'light' => 7, 'moderate' => 5, 'heavy' => 4],
        'inARow' => 6,
        'then' => [3, 7],
        'inTurnWith' => [],
        'against' => ['spider-mites'],
        'source' => 'practice',
    ],
];
