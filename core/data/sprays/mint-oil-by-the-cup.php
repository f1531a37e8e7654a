<?php

declare(strict_types=1);

return [
    'rank' => 30,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'mint-oil-by-the-cup',
        'name' => 'Mint kitchen oil, by the cup',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[cup_us]', 'of' => 'water'],
        'lines' => [
            [
                'stock' => [
                    'format' => 'idle-mixer/recipe',
                    'version' => 1,
                    'slug' => 'kitchen-oil-stock-mint',
                    'name' => 'Mint kitchen-oil stock',
                    'use' => 'stock',
                    'order' => 'all-together',
                    'lines' => [
                        ['ingredient' => 'vegetable-oil', 'amount' => 1, 'unit' => '[cup_us]'],
                        ['ingredient' => 'dish-detergent', 'amount' => 2, 'unit' => '[tbs_us]'],
                        ['ingredient' => 'peppermint-oil', 'amount' => 20, 'unit' => '[drp]', 'upTo' => 30],
                    ],
                    'notes' => 'Keeps in a cupboard for months. Shake before each use.',
                ],
                'amount' => 2,
                'unit' => '[tsp_us]',
            ],
        ],
        'notes' => 'Two teaspoons of the stock in a CUP of water: over 3.5 % oil. Looks like the spray by the quart and is nearly four times as strong.',
    ],
    'practice' => [
        'ways' => ['oil', 'essential'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soap-and-kitchen-oil',
        'rinse' => 'no',
        'against' => ['aphids', 'whitefly'],
    ],
];
