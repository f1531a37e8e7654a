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
        'waits' => [['look-after', 1, 1]],
        'source' => 'practice',
    ],
    'method' => [
        'surface' => 'leaf',
        'vessel' => 'sprayer',
        'agitation' => 'shaken',
        'before' => ['isolate', 'shower', 'cut'],
        'wet' => 'drip',
        'soakMinutes' => 10,
        'rinse' => 'after-soak',
        'after' => ['swab-daily'],
        'everyDays' => ['prevention' => null, 'light' => 7, 'moderate' => 7, 'heavy' => 7],
        'inARow' => 7,
        'inTurnWith' => ['mild-neem'],
        'against' => ['mealybugs', 'aphids'],
        'source' => 'practice',
    ],
];
