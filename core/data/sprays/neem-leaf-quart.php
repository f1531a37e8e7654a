<?php

declare(strict_types=1);

return [
    'rank' => 40,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'neem-leaf-quart',
        'name' => 'Neem leaf spray',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[qt_us]', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'neem-oil', 'amount' => 1.5, 'unit' => '[tsp_us]', 'upTo' => 2],
            ['ingredient' => 'castile-soap', 'amount' => 0.5, 'unit' => '[tsp_us]'],
        ],
        'notes' => 'The high end is for a plant that is already infested. Half strength is enough for mildew. Good for about 8 hours.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 1,
        'waits' => [['use-within', 8, 8]],
        'source' => 'practice',
        'half_for' => ['powdery-mildew'],
    ],
    'method' => [
        'as' => 'neem-on-leaves',
        'against' => ['aphids', 'mealybugs', 'whitefly', 'thrips', 'leaf-beetles', 'powdery-mildew'],
    ],
];
