<?php

declare(strict_types=1);

return [
    'rank' => 250,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'weak-pot-drench',
        'name' => 'Weak pot drench',
        'use' => 'drench',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water'],
        'lines' => [['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tbs_us]']],
        'notes' => 'Water the pot with it until it runs out below. Roots take it up: look at the leaves after 3 days, most after about 10.',
    ],
    'practice' => [
        'ways' => ['systemic-neem'],
        'work' => 2,
        'for' => ['spider-mites'],
        'repeat_days' => 35,
        'repeat' => 'Again after about 5 weeks.',
        'waits' => [['peak-after', 10, 10]],
        'source' => 'practice',
        'prevention_days' => 35,
        'rounds' => 2,
        'lasts_days' => 35,
    ],
];
