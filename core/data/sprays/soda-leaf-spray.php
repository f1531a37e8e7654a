<?php

declare(strict_types=1);

return [
    'rank' => 70,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'soda-leaf-spray',
        'name' => 'Soda leaf spray',
        'use' => 'foliar',
        'order' => 'cup-premix',
        'basis' => ['amount' => 32, 'unit' => '[foz_us]', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'baking-soda', 'amount' => 1.5, 'unit' => '[tsp_us]'],
            ['ingredient' => 'horticultural-oil', 'amount' => 1.5, 'unit' => '[tsp_us]'],
            ['ingredient' => 'dish-detergent', 'amount' => 2, 'unit' => '[drp]'],
        ],
        'notes' => 'Strip spotted leaves first; wet the stems too.',
    ],
    'practice' => [
        'ways' => ['soda'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soda-on-leaves',
        'inTurnWith' => ['peroxide-in-turn', 'weak-pot-drench'],
        'against' => ['early-blight', 'black-spot'],
    ],
];
