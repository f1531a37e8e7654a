<?php

declare(strict_types=1);

return [
    'rank' => 50,
    'kind' => 'insect',
    'commonness' => 6.0,
    'signs' => [
        'over-weeks' => 'o',
        'domes' => 'u',
        'honeydew' => 'o',
        'crawlers' => 's',
        'ants' => 'o',
        'sooty-film' => 'o',
        'leaf-drop' => 's',
        'webs' => 'n',
    ],
    'where' => ['on' => 'lemon orange lime grapefruit citrus bay camellia holly rubber-fig oleander fern hoya schefflera olive ivy magnolia moth-orchid gardenia', 'indoors' => true],
    'stages' => ['adults', 'crawlers', 'winter'],
    'source' => 'practice',
    'waxed' => true,
    'counted' => true,
    'biology' => ['threshold' => 10.0, 'hatch' => [100.0, 300.0], 'adult' => 800.0, 'longest' => 60.0, 'best' => 30.0, 'most' => 38.0, 'source' => 'degree-days', 'every' => 12, 'rounds' => 3, 'proven_by_season' => true],
    'multiplies' => ['survive' => ['egg' => 0.8, 'young' => 0.3], 'adult' => 500.0, 'before' => 2, 'lays' => 55.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 10, 'heavy' => 50, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 7, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'stem', 'stages' => ['crawlers', 'domes'], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.9, 'most' => 1.3, 'unit' => '1', 'source' => 'house'],
    'containment' => ['wipe', 'ants'],
    'effects' => [
        'adults' => [
            'oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'oil-smothers-under-shield-when-wetted', 'source' => 'extension-oil'],
            'alcohol' => ['effect' => 'kills', 'sure' => 2, 'why' => 'alcohol-on-swab-lifts-and-kills', 'source' => 'practice'],
            'neem' => ['effect' => 'checks', 'sure' => 1, 'why' => 'neem-stops-feeding-over-days', 'source' => 'practice'],
        ],
        'crawlers' => [
            'soap' => ['effect' => 'kills', 'sure' => 3, 'why' => 'soap-dries-out-soft-bodies-wets', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-every-stage-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
            'egg-oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'fine-egg-emulsion-smothers-sucking-insects', 'source' => 'practice'],
            'detergent' => ['effect' => 'kills', 'sure' => 2, 'why' => 'dish-or-hand-wash-dries-out', 'source' => 'practice'],
            'alcohol' => ['effect' => 'kills', 'sure' => 2, 'why' => 'crawlers-have-no-shield-yet', 'source' => 'practice'],
        ],
        'winter' => [
            'winter-oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'winter-oil-smothers-scale-on-bare', 'source' => 'extension-oil'],
        ],
    ],
];
