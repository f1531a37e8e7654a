<?php

declare(strict_types=1);

return [
    'rank' => 180,
    'kind' => 'fungus',
    'commonness' => 4.0,
    'signs' => ['pustules' => 'u', 'yellow-patches' => 'o', 'after-wet-weeks' => 'o', 'from-below' => 's', 'white-film' => 'n'],
    'where' => ['on' => 'rose hollyhock leek mint bean pear snapdragon zonal-pelargonium plum blackberry chrysanthemum onion', 'indoors' => false, 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 60, 'source' => 'house'],
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
