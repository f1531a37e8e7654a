<?php

declare(strict_types=1);

return [
    'rank' => 60,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'neem-by-the-gallon',
        'name' => 'Neem by the gallon',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tbs_us]']],
        'notes' => 'Often called 1 %; it is 0.775 %. There is no emulsifier in it: shake hard and all the while.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 2,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => ['shade-till-dry'],
        'everyDays' => ['prevention' => 14, 'light' => 7, 'moderate' => 7, 'heavy' => 4],
        'inARow' => 6,
        'inTurnWith' => [],
        'against' => ['spider-mites', 'scale', 'powdery-mildew'],
        'source' => 'practice',
    ],
];
