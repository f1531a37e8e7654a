<?php

declare(strict_types=1);

return [
    'rank' => 180,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'mild-neem',
        'name' => 'Mild neem',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => 'mL']],
        'notes' => 'Every 10 to 15 days as prevention. There is no emulsifier in it: shake all the while.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 2,
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
        'after' => ['shade-till-dry'],
        'everyDays' => ['prevention' => 10, 'light' => 7, 'moderate' => 7, 'heavy' => 4],
        'inARow' => 6,
        'inTurnWith' => [],
        'against' => ['mealybugs'],
        'source' => 'practice',
    ],
];
