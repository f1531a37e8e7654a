<?php

declare(strict_types=1);

return [
    'rank' => 130,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'gentle-neem',
        'name' => 'Gentle neem',
        'use' => 'foliar',
        'order' => 'soap-then-oil',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => 'mL'],
            ['ingredient' => 'neem-oil', 'amount' => 5, 'unit' => 'mL'],
        ],
        'notes' => 'Strips the powder off leaves with a waxy bloom. Keep out of the sun for 2 to 3 days.',
    ],
    'practice' => [
        'ways' => ['neem', 'soap'],
        'work' => 2,
        'waits' => [['out-of-sun', 2, 3], ['look-after', 2, 3]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'swirled',
        'before' => ['dead-leaves', 'unpot'],
        'wet' => 'drip',
        'rinse' => 'no',
        'after' => ['out-of-sun', 'fresh-soil'],
        'everyDays' => ['prevention' => null, 'light' => 3, 'moderate' => 3, 'heavy' => 3],
        'inARow' => 3,
        'inTurnWith' => [],
        'against' => ['mealybugs'],
        'source' => 'practice',
    ],
];
