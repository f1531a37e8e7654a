<?php

declare(strict_types=1);

return [
    'rank' => 40,
    'kind' => 'mite',
    'commonness' => 2.0,
    'signs' => [
        'bronzing' => 'u',
        'moving-specks' => 's',
        'yellow-patches' => 'o',
        'leaf-drop' => 's',
        'webs' => 'n',
        'honeydew' => 'n',
        'stipple' => 's',
    ],
    'where' => ['on' => 'moth-orchid hoya lemon orange citrus privet', 'indoors' => true],
    'stages' => ['active', 'eggs'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 10.0, 'hatch' => [110.0, 160.0], 'adult' => 420.0, 'longest' => 60.0, 'source' => 'degree-days'],
    'severity' => ['moderate' => 10, 'heavy' => 50, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 7, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'paper', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.8, 'most' => 1.6, 'unit' => '1', 'source' => 'house'],
    'effects' => [
        'active' => [
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-mites-and-eggs-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 1, 'why' => 'neem-slows-feeding-over-days', 'source' => 'practice'],
        ],
        'eggs' => ['oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'oil-smothers-eggs-wets', 'source' => 'extension-oil']],
    ],
];
