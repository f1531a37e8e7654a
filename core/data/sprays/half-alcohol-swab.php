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
        'for' => ['mealybugs', 'spider-mites', 'scale'],
        'repeat_days' => 7,
        'repeat' => 'Repeat over weeks.',
        'waits' => [],
        'source' => 'practice',
        'prevention_days' => null,
    ],
];
