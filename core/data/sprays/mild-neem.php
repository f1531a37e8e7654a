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
        'as' => 'neem-on-leaves',
        'everyDays' => ['prevention' => 10, 'light' => 7, 'moderate' => 7, 'heavy' => 4],
        'against' => ['mealybugs'],
    ],
];
