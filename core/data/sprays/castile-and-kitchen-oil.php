<?php

declare(strict_types=1);

return [
    'rank' => 10,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'castile-and-kitchen-oil',
        'name' => 'Castile and kitchen oil',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => '[tbs_us]'],
            ['ingredient' => 'vegetable-oil', 'amount' => 2, 'unit' => '[tbs_us]'],
        ],
        'notes' => 'For an outbreak only, never as prevention. Knock the insects down with water first, and rinse with clean water on the days between.',
    ],
    'practice' => [
        'ways' => ['oil', 'soap'],
        'work' => 1,
        'for' => ['aphids'],
        'repeat_days' => 2,
        'repeat' => 'Every 2 days, with a clean water rinse on the days between.',
        'waits' => [['water-rinse-day', 1, 1]],
        'source' => 'practice',
        'rinsed' => true,
        'prevention_days' => null,
    ],
];
