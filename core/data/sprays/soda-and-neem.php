<?php

declare(strict_types=1);

return [
    'rank' => 100,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'soda-and-neem',
        'name' => 'Soda and neem',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'baking-soda', 'amount' => 2, 'unit' => '[tsp_us]'],
            ['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tsp_us]'],
            ['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => '[drp]'],
        ],
        'notes' => 'Soda first, then oil, then soap. Test two leaves for 24 hours, out of direct sun.',
    ],
    'practice' => [
        'ways' => ['soda', 'neem'],
        'work' => 2,
        'waits' => [['leaf-test', 24, 24]],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soda-on-leaves',
        'everyDays' => ['prevention' => 14, 'light' => 7, 'moderate' => 7, 'heavy' => 7],
        'against' => ['powdery-mildew', 'black-spot', 'rust', 'aphids'],
    ],
];
