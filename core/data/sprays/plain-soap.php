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
        'for' => ['aphids', 'whitefly', 'spider-mites', 'thrips', 'mealybugs'],
        'repeat_days' => 5,
        'repeat' => 'Every 4 to 5 days while they are there.',
        'waits' => [],
        'source' => 'practice',
        'prevention_days' => null,
    ],
];
