<?php

declare(strict_types=1);

return [
    'rank' => 130,
    'kind' => 'mite',
    'commonness' => 2.0,
    'signs' => ['blisters' => 'u', 'newest-worst' => 's', 'webs' => 'n', 'honeydew' => 'n'],
    'where' => ['on' => 'pear vine walnut linden blackberry', 'only' => true, 'indoors' => false],
    'stages' => ['winter'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 60, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 30, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.9, 'most' => 1.2, 'unit' => '1', 'source' => 'house'],
    'containment' => ['brush-bark'],
    'effects' => [
        'winter' => [
            'winter-oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'winter-oil-smothers-mites-under-bud', 'source' => 'extension-oil'],
        ],
    ],
];
