<?php

declare(strict_types=1);

return [
    'rank' => 210,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'mint-mask',
        'name' => 'Mint mask',
        'use' => 'foliar',
        'order' => 'soap-then-oil',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => '[tbs_us]'],
            ['ingredient' => 'peppermint-oil', 'amount' => 1, 'unit' => '[tsp_us]', 'upTo' => 2],
        ],
        'notes' => 'Water first, then soap, then oil: soap first foams. Keeps 1 to 2 weeks in the sprayer.',
    ],
    'practice' => [
        'ways' => ['essential', 'soap'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'scent',
        'against' => ['spider-mites'],
    ],
];
