<?php

declare(strict_types=1);

return [
    'rank' => 150,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'plain-soap',
        'name' => 'Plain soap spray',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'],
        'lines' => [['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => 'mL', 'upTo' => 20]],
        'notes' => 'True soap at 1 to 2 %. Water jet first, then wet every insect: soap kills only what it wets. In hard water take the high end, or rain water.',
    ],
    'practice' => [
        'ways' => ['soap'],
        'work' => 1,
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
        'after' => [],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 5, 'heavy' => 4],
        'inARow' => 6,
        'inTurnWith' => [],
        'against' => ['aphids', 'whitefly', 'spider-mites', 'thrips', 'mealybugs'],
        'source' => 'practice',
    ],
];
