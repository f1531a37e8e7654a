<?php

declare(strict_types=1);

return [
    'rank' => 120,
    'kind' => 'soil',
    'commonness' => 3.0,
    'signs' => ['soil-grubs' => 'u', 'gnawed-roots' => 'u', 'limp-on-wet' => 's', 'slime' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 5, 'heavy' => 15, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 7, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'spade', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.8, 'most' => 1.2, 'unit' => '1', 'source' => 'house'],
    'containment' => ['change-soil', 'turn-bed'],
    'effects' => [
        'any' => [
            'drench' => ['effect' => 'checks', 'sure' => 1, 'why' => 'neem-drench-before-planting-some-find', 'source' => 'practice'],
        ],
    ],
];
