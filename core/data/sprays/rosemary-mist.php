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
        'as' => 'scent',
        'against' => ['spider-mites'],
    ],
];
