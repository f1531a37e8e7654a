<?php

declare(strict_types=1);

return [
    'rank' => 90,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'peroxide-in-turn',
        'name' => 'Peroxide, in turn with soda',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'finished'],
        'lines' => [['ingredient' => 'hydrogen-peroxide', 'amount' => 170, 'unit' => 'mL', 'upTo' => 330, 'strength' => 3]],
        'notes' => 'Half a percent pure, one at the most, from the 3 % bottle. In an open vessel, used at once; days apart from soda, never together, never with vinegar or bleach.',
    ],
    'practice' => [
        'ways' => ['peroxide'],
        'work' => 1,
        'for' => ['early-blight', 'black-spot', 'rust'],
        'repeat_days' => 14,
        'repeat' => 'First in a rotation: peroxide, then soda some days later, about fortnightly.',
        'waits' => [],
        'source' => 'practice',
        'prevention_days' => 14,
    ],
];
