<?php

declare(strict_types=1);

/*
 * Methods that several sprays share: a spray names one with `as`, and says only what is otherwise. Common practice, no source.
 */
return [
    'neem-on-leaves' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => ['shade-till-dry'],
        'everyDays' => ['prevention' => 14, 'light' => 7, 'moderate' => 7, 'heavy' => 4],
        'inARow' => 6,
        'source' => 'practice',
    ],
    'soap-and-kitchen-oil' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'next-day',
        'after' => [],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 4, 'heavy' => 2],
        'inARow' => 3,
        'source' => 'practice',
    ],
    'soda-on-leaves' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['strip'],
        'wet' => 'drip',
        'rinse' => 'no',
        'after' => [],
        'everyDays' => ['prevention' => 14, 'light' => 14, 'moderate' => 7, 'heavy' => 7],
        'inARow' => 6,
        'source' => 'practice',
    ],
    'scent' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['jet'],
        'wet' => 'run-off',
        'rinse' => 'no',
        'after' => ['air-room'],
        'everyDays' => ['prevention' => 10, 'light' => 7, 'moderate' => 5, 'heavy' => 4],
        'inARow' => 6,
        'then' => [3, 7],
        'source' => 'practice',
    ],
    'sprayed-and-rinsed' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['isolate', 'pick'],
        'wet' => 'drip',
        'soakMinutes' => 20,
        'rinse' => 'after-soak',
        'after' => ['swab-daily'],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 3, 'heavy' => 7],
        'inARow' => 4,
        'source' => 'practice',
    ],
];
