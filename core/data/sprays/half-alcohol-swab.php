<?php

declare(strict_types=1);

return [
    'rank' => 190,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'half-alcohol-swab',
        'name' => 'Half-alcohol swab',
        'use' => 'spot',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[cup_us]', 'of' => 'water'],
        'lines' => [['ingredient' => 'isopropyl-alcohol', 'amount' => 1, 'unit' => '[cup_us]', 'strength' => 70]],
        'notes' => 'For a swab on single insects. What is on the bottle decides the strength: 50, 70, 91 or 99 %.',
    ],
    'practice' => [
        'ways' => ['alcohol'],
        'work' => 3,
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'single-insects',
        'vessel' => 'jar',
        'agitation' => 'swirled',
        'before' => ['isolate', 'pick'],
        'wet' => 'touch',
        'rinse' => 'no',
        'after' => [],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 3, 'heavy' => 1],
        'inARow' => null,
        'inTurnWith' => [],
        'against' => ['mealybugs', 'spider-mites', 'scale'],
        'source' => 'practice',
    ],
];
