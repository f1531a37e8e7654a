<?php

declare(strict_types=1);

return [
    'rank' => 30,
    'kind' => 'mite',
    'commonness' => 8.0,
    'signs' => [
        'over-weeks' => 'o',
        'stipple' => 'u',
        'moving-specks' => 'u',
        'webs' => 'o',
        'yellow-patches' => 'o',
        'hot-dry-air' => 'o',
        'still-at-night' => 's',
        'leaf-drop' => 's',
        'honeydew' => 'n',
        'ants' => 'n',
    ],
    'where' => ['on' => 'cucumber bean strawberry rose aubergine ivy umbrella-palm hydrangea lemon calathea', 'outside' => ['winter' => false, 'spring' => false, 'summer' => true], 'inside' => ['winter' => true]],
    'stages' => ['active', 'eggs'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 11.2, 'hatch' => [40.0, 60.0], 'adult' => 137.0, 'longest' => 45.0, 'best' => 32.0, 'most' => 42.0, 'source' => 'mite-degree-days'],
    'multiplies' => ['survive' => ['egg' => 0.9, 'young' => 0.7], 'adult' => 200.0, 'before' => 1, 'lays' => 75.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 10, 'heavy' => 50, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 5, 'warm' => 26.0, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'paper', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.5, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['water-jet', 'break-webs', 'less-feed'],
    'effects' => [
        'active' => [
            'soap' => ['effect' => 'kills', 'sure' => 2, 'why' => 'soap-kills-mites-wets-not-eggs', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-mites-and-eggs-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-slows-feeding-and-egg-laying', 'source' => 'practice'],
            'alcohol' => ['effect' => 'kills', 'sure' => 2, 'why' => 'alcohol-with-soap-kills-what-wets', 'source' => 'practice'],
            'essential' => ['effect' => 'checks', 'sure' => 1, 'why' => 'strong-scent-masks-plant-some-see', 'source' => 'practice'],
            'egg-oil' => ['effect' => 'kills', 'sure' => 1, 'why' => 'fine-egg-emulsion-smothers-what-wets', 'source' => 'practice'],
            'systemic-neem' => ['effect' => 'checks', 'sure' => 1, 'why' => 'roots-take-neem-up-some-find', 'source' => 'practice'],
        ],
        'eggs' => ['oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-eggs-wets', 'source' => 'extension-oil']],
    ],
];
