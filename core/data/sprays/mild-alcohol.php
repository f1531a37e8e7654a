<?php

declare(strict_types=1);

return [
    'rank' => 170,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'mild-alcohol',
        'name' => 'Mild alcohol',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [['ingredient' => 'isopropyl-alcohol', 'amount' => 2, 'unit' => 'mL', 'upTo' => 3, 'strength' => 70]],
        'notes' => 'Rinse after 20 minutes. About two hundred times weaker than the swab.',
    ],
    'practice' => [
        'ways' => ['weak-alcohol'],
        'work' => 1,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'sprayed-and-rinsed',
        'against' => ['mealybugs'],
    ],
];
