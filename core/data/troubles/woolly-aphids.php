<?php

declare(strict_types=1);

return [
    'rank' => 12,
    'kind' => 'insect',
    'commonness' => 0.8,
    'signs' => ['woolly-bark' => 'u', 'ants' => 's', 'white-fluff' => 's', 'honeydew' => 's', 'over-weeks' => 'o', 'fluff-smears' => 's', 'clusters-on-tips' => 'n', 'webs' => 'n'],
    'where' => ['on' => 'apple hawthorn pear', 'only' => true, 'indoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 5, 'heavy' => 20, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 7, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'stem', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.4, 'most' => 3.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['brush-bark', 'wipe', 'ants'],
    'effects' => [
        'any' => [
            'alcohol' => ['effect' => 'kills', 'sure' => 2, 'why' => 'alcohol-with-soap-kills-what-wets', 'source' => 'practice'],
            'oil' => ['effect' => 'kills', 'sure' => 2, 'why' => 'oil-smothers-every-stage-wets', 'source' => 'extension-oil'],
        ],
    ],
];
