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
        'as' => 'neem-on-leaves',
        'against' => ['spider-mites', 'scale', 'powdery-mildew'],
    ],
];
