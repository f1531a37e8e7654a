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
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soap-and-kitchen-oil',
        'against' => ['aphids'],
    ],
];
