<?php

declare(strict_types=1);

return [
    'rank' => 120,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'orchard-neem',
        'name' => 'Orchard neem',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'neem-oil', 'amount' => 0.25, 'unit' => '[cup_us]'],
            ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => '[tsp_us]'],
        ],
        'notes' => 'Early spring, at first light, never on open blossom. The squirt of soap is taken as 1 tsp.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 1,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['prune'],
        'wet' => 'drip',
        'rinse' => 'no',
        'after' => [],
        'everyDays' => ['prevention' => 'once', 'light' => 7, 'moderate' => 7, 'heavy' => 7],
        'inARow' => 3,
        'inTurnWith' => [],
        'against' => ['aphids', 'spider-mites'],
        'source' => 'practice',
    ],
];
