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
        'as' => 'neem-on-leaves',
        'agitation' => 'whisked',
        'against' => ['scale', 'spider-mites', 'aphids'],
    ],
];
