<?php

declare(strict_types=1);

return [
    'rank' => 240,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'empty-bed-neem-drench',
        'name' => 'Empty-bed neem drench',
        'use' => 'drench',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tbs_us]', 'upTo' => 4],
            ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => '[tbs_us]', 'upTo' => 3],
        ],
        'notes' => 'For a bed with nothing growing in it. Wet the top 10 to 15 cm (4 to 6 in). Wait about 3 days before planting.',
    ],
    'practice' => [
        'ways' => ['drench'],
        'work' => 3,
        'waits' => [['plant-after', 3, 3]],
        'source' => 'practice',
        'only_where_nothing_grows' => true,
    ],
    'method' => [
        'surface' => 'soil',
        'vessel' => 'bucket',
        'agitation' => 'stirred',
        'before' => ['turn-out'],
        'wet' => 'poured',
        'rinse' => 'no',
        'after' => ['plant-later'],
        'everyDays' => ['prevention' => 'once', 'light' => 'once', 'moderate' => 'once', 'heavy' => 'once'],
        'inARow' => 1,
        'inTurnWith' => [],
        'against' => ['grubs'],
        'source' => 'practice',
    ],
];
