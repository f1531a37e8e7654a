<?php

declare(strict_types=1);

return [
    'rank' => 70,
    'kind' => 'insect',
    'commonness' => 4.0,
    'signs' => [
        'silvering' => 'u',
        'slender-insects' => 'u',
        'curled-tips' => 's',
        'moving-specks' => 's',
        'newest-worst' => 's',
        'webs' => 'n',
        'honeydew' => 'n',
    ],
    'where' => ['on' => 'onion leek rose pea monstera philodendron chrysanthemum privet', 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 9.0, 'hatch' => [45.0, 70.0], 'adult' => 230.0, 'longest' => 30.0, 'best' => 31.0, 'most' => 37.0, 'source' => 'degree-days', 'rests' => true],
    'multiplies' => ['resting' => 80.0, 'survive' => ['egg' => 0.9, 'young' => 0.7, 'resting' => 0.8], 'adult' => 320.0, 'before' => 1, 'lays' => 47.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 5, 'heavy' => 25, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 5, 'crowds' => true, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'paper', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.5, 'most' => 2.5, 'unit' => '1', 'source' => 'house'],
    'containment' => ['water-jet'],
    'effects' => [
        'any' => [
            'soap' => ['effect' => 'kills', 'sure' => 1, 'why' => 'soap-kills-those-wets-most-hide', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 1, 'why' => 'oil-smothers-those-wets-most-hide', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
        ],
    ],
];
