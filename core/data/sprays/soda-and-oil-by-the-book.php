<?php

declare(strict_types=1);

return [
    'rank' => 80,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'soda-and-oil-by-the-book',
        'name' => 'Soda and oil by the book',
        'use' => 'foliar',
        'order' => 'cup-premix',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'baking-soda', 'amount' => 5.3, 'unit' => 'g'],
            ['ingredient' => 'horticultural-oil', 'amount' => 10, 'unit' => 'mL'],
            ['ingredient' => 'dish-detergent', 'amount' => 1, 'unit' => 'mL'],
        ],
        'notes' => 'The published form: 0.53 g of soda per 100 mL and 1 % oil. Strip what is badly spotted first; it keeps clean leaves clean, and cures none.',
    ],
    'practice' => [
        'ways' => ['soda-with-oil'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soda-on-leaves',
        'against' => ['powdery-mildew', 'black-spot', 'rust', 'early-blight'],
    ],
];
