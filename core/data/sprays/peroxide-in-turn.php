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
        'waits' => [],
        'source' => 'practice',
    ],
    'method' => [
        'as' => 'soda-on-leaves',
        'agitation' => 'stirred',
        'inTurnWith' => ['soda-leaf-spray', 'weak-pot-drench'],
        'against' => ['early-blight', 'black-spot', 'rust'],
    ],
];
