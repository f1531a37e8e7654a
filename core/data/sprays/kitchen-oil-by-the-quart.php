<?php

declare(strict_types=1);

return [
    'rank' => 20,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'kitchen-oil-by-the-quart',
        'name' => 'Kitchen oil, by the quart',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[qt_us]', 'of' => 'water'],
        'lines' => [
            [
                'stock' => [
                    'format' => 'idle-mixer/recipe',
                    'version' => 1,
                    'slug' => 'kitchen-oil-stock-mild',
                    'name' => 'Mild kitchen-oil stock',
                    'use' => 'stock',
                    'order' => 'all-together',
                    'lines' => [
                        ['ingredient' => 'vegetable-oil', 'amount' => 1, 'unit' => '[cup_us]'],
                        ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => '[tbs_us]'],
                    ],
                    'notes' => 'Keeps in a cupboard for months. Shake before each use.',
                ],
                'amount' => 2,
                'unit' => '[tsp_us]',
            ],
        ],
        'notes' => 'Two teaspoons of the stock in a QUART of water. The mint stock is taken by the cup and comes out nearly four times as strong: do not mix the two up.',
    ],
    'practice' => [
        'ways' => ['oil'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soap-and-kitchen-oil',
        'rinse' => 'no',
        'rinseFrom' => 'heavy',
        'against' => ['aphids'],
    ],
];
