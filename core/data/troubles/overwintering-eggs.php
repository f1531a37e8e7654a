<?php

declare(strict_types=1);

return [
    'rank' => 140,
    'kind' => 'insect',
    'commonness' => 2.0,
    'signs' => ['wood-eggs' => 'u', 'honeydew' => 'n', 'webs' => 'n'],
    'where' => ['indoors' => false, 'outside' => ['winter' => true, 'summer' => false]],
    'stages' => ['winter'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 5, 'heavy' => 30, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 30, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'twig', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.95, 'most' => 1.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['brush-bark'],
    'effects' => [
        'winter' => [
            'winter-oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'winter-oil-smothers-eggs-on-bare', 'source' => 'extension-oil'],
        ],
    ],
];
