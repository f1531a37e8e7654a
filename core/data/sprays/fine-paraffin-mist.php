<?php

declare(strict_types=1);

return [
    'rank' => 140,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'fine-paraffin-mist',
        'name' => 'Fine paraffin mist',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'paraffin-oil', 'amount' => 10, 'unit' => 'mL', 'upTo' => 20],
            ['ingredient' => 'dish-detergent', 'amount' => 0.5, 'unit' => 'mL', 'upTo' => 1.5],
        ],
        'notes' => '1 %: may be repeated after 7 days. 2 % is for thick, unwounded leaves, once. Finest mist; wash off what stays shiny.',
    ],
    'practice' => [
        'ways' => ['oil'],
        'work' => 2,
        'for' => ['flat-mites', 'spider-mites', 'mealybugs', 'scale', 'whitefly'],
        'repeat_days' => 7,
        'repeat' => '1 % may be repeated after 7 days; 2 % is not repeated.',
        'waits' => [],
        'source' => 'practice',
        'prevention_days' => 182,
    ],
];
