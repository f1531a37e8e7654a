<?php

declare(strict_types=1);

return [
    'rank' => 260,
    'recipe' => [
        'format' => 'idle-mixer/recipe',
        'version' => 1,
        'slug' => 'soap-and-alcohol-by-eye',
        'name' => 'Soap and alcohol, by eye',
        'use' => 'foliar',
        'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        'lines' => [
            ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => 'mL', 'upTo' => 6],
            ['ingredient' => 'isopropyl-alcohol', 'amount' => 50, 'unit' => 'mL', 'upTo' => 250, 'strength' => 70],
        ],
        'notes' => 'A squirt of soap and a good dash of alcohol, as people pour it: amounts vary widely, so the strength is a range. Alcohol dissolves the wax, soap helps it wet. Soap alone fails on grown mealybugs and egg sacs but kills crawlers. Never on hairy leaves.',
    ],
    'practice' => [
        'ways' => ['alcohol', 'soap'],
        'work' => 2,
        'for' => ['mealybugs', 'aphids'],
        'repeat_days' => 10,
        'repeat' => 'Look daily for one to two weeks; neem after about a week, and this again about ten days after the neem.',
        'waits' => [['rinse-after', 20, 20], ['look-after', 1, 1]],
        'source' => 'practice',
        'prevention_days' => null,
    ],
];
