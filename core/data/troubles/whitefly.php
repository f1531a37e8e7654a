<?php

declare(strict_types=1);

return [
    'rank' => 60,
    'kind' => 'insect',
    'commonness' => 5.0,
    'signs' => ['white-flies' => 'u', 'honeydew' => 'o', 'sooty-film' => 's', 'yellow-patches' => 's', 'cast-skins' => 's', 'webs' => 'n'],
    'where' => ['on' => 'tomato cabbage kale broccoli fuchsia hibiscus lantana cucumber poinsettia aubergine mint bean', 'indoors' => true, 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 8.3, 'hatch' => [110.0, 130.0], 'adult' => 380.0, 'longest' => 40.0, 'best' => 29.0, 'most' => 36.0, 'source' => 'degree-days', 'rests' => true],
    'multiplies' => ['resting' => 95.0, 'survive' => ['egg' => 0.9, 'young' => 0.7, 'resting' => 0.9], 'adult' => 300.0, 'before' => 1, 'lays' => 53.0, 'seen' => ['young', 'resting', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 10, 'heavy' => 50, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 5, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => ['nymphs', 'flies'], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.6, 'most' => 2.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['water-jet', 'less-feed'],
    'effects' => [
        'any' => [
            'soap' => ['effect' => 'kills', 'sure' => 3, 'why' => 'soap-kills-flies-and-nymphs-wets', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-nymphs-and-eggs-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
            'egg-oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'fine-egg-emulsion-smothers-sucking-insects', 'source' => 'practice'],
            'detergent' => ['effect' => 'kills', 'sure' => 2, 'why' => 'dish-or-hand-wash-dries-out', 'source' => 'practice'],
        ],
    ],
];
