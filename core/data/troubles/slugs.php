<?php

declare(strict_types=1);

return [
    'rank' => 100,
    'kind' => 'other',
    'commonness' => 6.0,
    'signs' => [
        'overnight' => 'o',
        'slime' => 'u',
        'holes' => 'u',
        'after-wet-weeks' => 'o',
        'from-below' => 's',
        'caterpillars' => 'n',
        'beetles' => 'n',
    ],
    'where' => ['on' => 'blue-hosta lettuce dahlia delphinium strawberry lupin marigold basil cabbage', 'indoors' => false, 'outside' => ['winter' => false, 'spring' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 3, 'heavy' => 10, 'source' => 'house'],
    'look' => ['spots' => 5, 'spot' => 'spot', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.1, 'most' => 5.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['hand-pick', 'pick-at-dusk'],
];
