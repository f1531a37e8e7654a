<?php

declare(strict_types=1);

return [
    'rank' => 200,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'egg-and-oil-milk',
        'name' => 'Egg and oil milk',
        'use' => 'foliar',
        'order' => 'blender',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            [
                'stock' => [
                    'format' => 'idle-mixer/recipe',
                    'version' => 1,
                    'slug' => 'egg-oil-mayonnaise',
                    'name' => 'Egg and oil mayonnaise',
                    'use' => 'stock',
                    'order' => 'blender',
                    'lines' => [
                        ['ingredient' => 'egg', 'amount' => 1, 'unit' => '1'],
                        ['ingredient' => 'vegetable-oil', 'amount' => 50, 'unit' => 'mL'],
                    ],
                    'notes' => 'Raw egg: use it the same day.',
                ],
                'amount' => 10,
                'unit' => 'g',
            ],
        ],
        'notes' => 'Scale by whole eggs: two eggs to 100 mL of oil.',
    ],
    'practice' => [
        'ways' => ['egg-oil'],
        'work' => 3,
        'waits' => [['look-after', 3, 3]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'blended',
        'before' => ['wash-off'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => [],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 5, 'heavy' => 5],
        'inARow' => 3,
        'inTurnWith' => [],
        'against' => ['aphids', 'whitefly', 'spider-mites'],
        'source' => 'practice',
    ],
];
