<?php

declare(strict_types=1);

return [
    'rank' => 20,
    'kind' => 'insect',
    'commonness' => 7.0,
    'signs' => [
        'over-weeks' => 'o',
        'white-fluff' => 'u',
        'fluff-smears' => 'u',
        'honeydew' => 'o',
        'leaf-drop' => 's',
        'sooty-film' => 's',
        'ants' => 's',
        'clusters-on-tips' => 'n',
        'webs' => 'n',
    ],
    'where' => ['on' => 'moth-orchid jade-plant hoya echeveria coleus african-violet poinsettia dracaena lemon gardenia clivia kalanchoe-panda passion-flower', 'indoors' => true, 'outdoors' => false],
    'stages' => ['adults', 'crawlers'],
    'source' => 'practice',
    'waxed' => true,
    'counted' => true,
    // Hatch within 7 to 10 days in a warm room, up to 45 in the cold; 6 to 9 weeks to adult in a room at 20 °C, which handbooks have as 45 to 60 days.
    'biology' => ['threshold' => 10.0, 'hatch' => [105.0, 150.0], 'adult' => 525.0, 'longest' => 45.0, 'best' => 30.0, 'most' => 37.0, 'source' => 'practice', 'cover' => 450.0, 'still' => 8.0],
    'multiplies' => ['survive' => ['egg' => 0.8, 'young' => 0.5], 'adult' => 300.0, 'before' => 4, 'lays' => 120.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 5, 'heavy' => 25, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 3, 'crowds' => true, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'joint', 'stages' => ['egg-sacs', 'crawlers', 'adults'], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.8, 'most' => 1.6, 'unit' => '1', 'source' => 'house'],
    'containment' => ['wipe', 'change-soil', 'ants'],
    'effects' => [
        'adults' => [
            'weak-alcohol' => ['effect' => 'checks', 'sure' => 1, 'why' => 'some-keep-them-down-with-two', 'source' => 'practice'],
            'alcohol' => ['effect' => 'kills', 'sure' => 3, 'why' => 'alcohol-opens-wax-and-kills-what', 'source' => 'practice'],
            'oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'oil-smothers-them-where-gets-under', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
        ],
        'crawlers' => [
            'soap' => ['effect' => 'kills', 'sure' => 3, 'why' => 'soap-dries-out-soft-bodies-wets', 'source' => 'handbook-soap'],
            'oil' => ['effect' => 'kills', 'sure' => 3, 'why' => 'oil-smothers-every-stage-wets', 'source' => 'extension-oil'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-stops-feeding-and-moulting-over', 'source' => 'practice'],
            'egg-oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'fine-egg-emulsion-smothers-sucking-insects', 'source' => 'practice'],
            'detergent' => ['effect' => 'kills', 'sure' => 2, 'why' => 'dish-or-hand-wash-dries-out', 'source' => 'practice'],
            'weak-alcohol' => ['effect' => 'checks', 'sure' => 1, 'why' => 'some-keep-crawlers-down-with-two', 'source' => 'practice'],
            'alcohol' => ['effect' => 'kills', 'sure' => 3, 'why' => 'crawlers-have-no-wax-yet-alcohol', 'source' => 'practice'],
        ],
    ],
];
