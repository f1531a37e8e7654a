<?php

declare(strict_types=1);

return [
    'rank' => 50,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'true-neem-emulsion',
        'name' => 'True neem emulsion',
        'use' => 'foliar',
        'order' => 'emulsifier-first',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'finished'],
        'lines' => [
            ['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tbs_us]'],
            ['ingredient' => 'saponin-extract', 'amount' => 1, 'unit' => '[tsp_us]'],
        ],
        'notes' => 'Soft water. Should not need shaking again. Use within 24 hours.',
    ],
    'practice' => [
        'ways' => ['neem'],
        'work' => 3,
        'waits' => [['use-within', 24, 24]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'whisked',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => ['shade-till-dry'],
        'everyDays' => ['prevention' => 14, 'light' => 7, 'moderate' => 7, 'heavy' => 4],
        'inARow' => 6,
        'inTurnWith' => [],
        'against' => ['scale', 'spider-mites', 'aphids'],
        'source' => 'practice',
    ],
];
