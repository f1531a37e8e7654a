<?php

declare(strict_types=1);

return [
    'rank' => 110,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'winter-wood-oil',
        'name' => 'Winter wood oil',
        'use' => 'dormant',
        'order' => 'emulsifier-first',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'vegetable-oil', 'amount' => 2, 'unit' => '[tbs_us]'],
            ['ingredient' => 'baking-soda', 'amount' => 1, 'unit' => '[tsp_us]'],
            ['ingredient' => 'dish-detergent', 'amount' => 2, 'unit' => '[drp]'],
        ],
        'notes' => 'Bare wood only, before buds break. Body-warm water. Prune and brush off loose bark first; to the drip.',
    ],
    'practice' => [
        'ways' => ['winter-oil'],
        'work' => 3,
        'waits' => [['no-frost', 2, 2]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'bare-wood',
        'vessel' => 'sprayer',
        'agitation' => 'whisked',
        'before' => ['prune', 'brush-bark', 'dry-wood'],
        'wet' => 'drip',
        'rinse' => 'no',
        'after' => [],
        'everyDays' => ['prevention' => 'once', 'light' => 'once', 'moderate' => 'once', 'heavy' => 'once'],
        'inARow' => 1,
        'inTurnWith' => [],
        'against' => ['scale', 'blister-mites', 'overwintering-eggs'],
        'source' => 'practice',
    ],
];
