<?php

declare(strict_types=1);

return [
    'rank' => 160,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'mild-soap',
        'name' => 'Mild dish or hand wash',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [['ingredient' => 'dish-detergent', 'amount' => 3, 'unit' => 'mL']],
        'notes' => 'What is sold as mild soap here is a dish or hand wash, a detergent: hardness does not take it. Rinse after 20 minutes.',
    ],
    'practice' => [
        'ways' => ['detergent'],
        'work' => 1,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'sprayed-and-rinsed',
        'after' => [],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 4, 'heavy' => 4],
        'against' => ['mealybugs', 'aphids'],
    ],
];
