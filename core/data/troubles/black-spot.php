<?php

declare(strict_types=1);

return [
    'rank' => 170,
    'kind' => 'fungus',
    'commonness' => 4.0,
    'signs' => [
        'fringed-spots' => 'u',
        'leaf-drop' => 'o',
        'after-wet-weeks' => 'o',
        'from-below' => 'o',
        'yellow-patches' => 'o',
        'ringed-spots' => 'n',
    ],
    'where' => ['on' => 'rose', 'only' => true, 'outdoors' => true, 'indoors' => false, 'outside' => ['summer' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots', 'water-soil'],
    'effects' => [
        'any' => [
            'soda-with-oil' => ['effect' => 'checks', 'sure' => 2, 'why' => 'soda-with-oil-keeps-clean-leaves', 'source' => 'horst-1992'],
            'soda' => ['effect' => 'checks', 'sure' => 1, 'why' => 'soda-keeps-clean-leaves-clean-of', 'source' => 'practice'],
            'peroxide' => ['effect' => 'checks', 'sure' => 1, 'why' => 'peroxide-stops-where-touches-and-leaves', 'source' => 'practice'],
        ],
    ],
];
