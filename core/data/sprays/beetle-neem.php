<?php

declare(strict_types=1);

return [
    'rank' => 230,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'beetle-neem',
        'name' => 'Beetle neem',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'neem-oil', 'amount' => 2.5, 'unit' => '[tbs_us]'],
            ['ingredient' => 'castile-soap', 'amount' => 0.6666666666666666, 'unit' => '[tsp_us]', 'upTo' => 1.3333333333333333],
        ],
        'notes' => 'Pick beetles and eggs off by hand as well. Spray again after rain, once the leaves are dry.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 1,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'neem-on-leaves',
        'before' => ['pick', 'jet'],
        'against' => ['leaf-beetles'],
    ],
];
