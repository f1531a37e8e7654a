<?php

declare(strict_types=1);

return [
    'rank' => 200,
    'kind' => 'mite',
    'commonness' => 1.5,
    'signs' => [
        'hard-twisted' => 'u',
        'newest-worst' => 'u',
        'curled-tips' => 'o',
        'bronzing' => 'o',
        'webs' => 'n',
        'moving-specks' => 'n',
        'clean-new-growth' => 'n',
    ],
    'where' => ['on' => 'pepper strawberry begonia rex-begonia african-violet cape-primrose gloxinia fuchsia impatiens', 'indoors' => true, 'outside' => ['spring' => false, 'winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 10.0, 'hatch' => [25.0, 40.0], 'adult' => 75.0, 'longest' => 30.0, 'source' => 'degree-days'],
    'look' => ['spots' => 10, 'spot' => 'tip', 'stages' => [], 'how' => 'percent', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.6, 'most' => 3.0, 'unit' => '1', 'source' => 'house'],
];
