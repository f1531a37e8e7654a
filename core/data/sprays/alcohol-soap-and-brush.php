<?php

declare(strict_types=1);

return [
    'rank' => 270,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'alcohol-soap-and-brush',
        'name' => 'Alcohol, soap and a brush',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'isopropyl-alcohol', 'amount' => 100, 'unit' => 'mL', 'upTo' => 300, 'strength' => 70],
            ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => 'mL', 'upTo' => 6],
        ],
        'notes' => 'By eye. Spray to dripping, let it soak, brush every leaf on both sides so that the web breaks up, then rinse. Never on hairy leaves.',
    ],
    'practice' => [
        'ways' => ['alcohol', 'soap'],
        'work' => 3,
        'for' => ['spider-mites'],
        'repeat_days' => 7,
        'repeat' => 'Weekly, three or four times; fresh soil and a clean pot with it.',
        'waits' => [['soak', 10, 15]],
        'source' => 'practice',
        'prevention_days' => null,
    ],
];
