<?php

declare(strict_types=1);

return [
    'rank' => 160,
    'kind' => 'fungus',
    'commonness' => 4.0,
    'signs' => ['ringed-spots' => 'u', 'from-below' => 'u', 'after-wet-weeks' => 'o', 'yellow-patches' => 'o', 'fringed-spots' => 'n', 'wet-spreading' => 'n'],
    'where' => ['on' => 'tomato potato aubergine', 'only' => true, 'indoors' => false, 'outside' => ['winter' => false]],
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
