<?php

declare(strict_types=1);

return [
    'rank' => 10,
    'kind' => 'insect',
    'commonness' => 10.0,
    'signs' => [
        'clusters-on-tips' => 'u',
        'honeydew' => 'o',
        'ants' => 'o',
        'cast-skins' => 'o',
        'curled-tips' => 'o',
        'newest-worst' => 'o',
        'sooty-film' => 's',
        'webs' => 'n',
        'white-fluff' => 'n',
    ],
    'where' => ['on' => 'rose bean nasturtium lupin cabbage currant cherry plum peach honeysuckle hibiscus pepper potato lettuce apple viola elder linden sweet-pea', 'outside' => ['winter' => false, 'spring' => true, 'summer' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 4.0, 'hatch' => null, 'adult' => 144.0, 'longest' => 0.0, 'best' => 26.0, 'most' => 34.0, 'source' => 'degree-days'],
    'multiplies' => ['survive' => ['young' => 0.7], 'adult' => 320.0, 'before' => 0, 'lays' => 63.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 20, 'heavy' => 100, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'tip', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.2, 'most' => 5.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['water-jet', 'wipe', 'less-feed', 'ants'],
    'effects' => [
        'any' => [
            'soap' => ['effect' => 'kills', 'sure' => 3, 'why' => 'soap-dries-out-soft-bodies-wets', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-every-stage-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
            'egg-oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'fine-egg-emulsion-smothers-sucking-insects', 'source' => 'practice'],
            'detergent' => ['effect' => 'kills', 'sure' => 2, 'why' => 'dish-or-hand-wash-dries-out', 'source' => 'practice'],
            'alcohol' => ['effect' => 'kills', 'sure' => 1, 'why' => 'alcohol-kills-what-wets-soap-does', 'source' => 'practice'],
        ],
    ],
];
