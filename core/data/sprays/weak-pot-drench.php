<?php

declare(strict_types=1);

return [
    'rank' => 250,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'weak-pot-drench',
        'name' => 'Weak pot drench',
        'use' => 'drench',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tbs_us]']],
        'notes' => 'Water the pot with it until it runs out below. Roots take it up: look at the leaves after 3 days, most after about 10.',
    ],
    'practice' => [
        'ways' => ['systemic-neem'],
        'work' => 2,
        'waits' => [['peak-after', 10, 10]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'soil',
        'vessel' => 'can',
        'agitation' => 'stirred',
        'before' => ['no-saucer'],
        'wet' => 'poured',
        'rinse' => 'no',
        'after' => ['empty-saucer'],
        'everyDays' => ['prevention' => 35, 'light' => 35, 'moderate' => 35, 'heavy' => 35],
        'inARow' => 2,
        'inTurnWith' => [],
        'against' => ['spider-mites'],
        'lastsDays' => 35,
        'source' => 'practice',
    ],
];
