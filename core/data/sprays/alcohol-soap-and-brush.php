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
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['wash', 'break-webs'],
        'wet' => 'drip',
        'soakMinutes' => 10,
        'brush' => true,
        'secondSoakMinutes' => 5,
        'rinse' => 'after-soak',
        'after' => ['fresh-soil', 'clean-pot'],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 7, 'heavy' => 7],
        'inARow' => 4,
        'inTurnWith' => [],
        'against' => ['spider-mites'],
        'source' => 'practice',
    ],
];
