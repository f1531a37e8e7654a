<?php

declare(strict_types=1);

return [
    'rank' => 140,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'fine-paraffin-mist',
        'name' => 'Fine paraffin mist',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'paraffin-oil', 'amount' => 10, 'unit' => 'mL', 'upTo' => 20],
            ['ingredient' => 'dish-detergent', 'amount' => 0.5, 'unit' => 'mL', 'upTo' => 1.5],
        ],
        'notes' => '1 %: may be repeated after 7 days. 2 % is for thick, unwounded leaves, once. Finest mist; wash off what stays shiny.',
    ],
    'practice' => [
        'ways' => ['oil'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['isolate', 'sponge-dust'],
        'wet' => 'mist',
        'rinse' => 'no',
        'after' => ['flush-pot', 'moving-air', 'shade-till-dry'],
        'everyDays' => ['prevention' => 182, 'light' => 'once', 'moderate' => 7, 'heavy' => 28],
        'inARow' => 2,
        'wideDays' => 12,
        'inTurnWith' => [],
        'against' => ['flat-mites', 'spider-mites', 'mealybugs', 'scale', 'whitefly'],
        'source' => 'practice',
    ],
];
