<?php

declare(strict_types=1);

return [
    'rank' => 150,
    'kind' => 'fungus',
    'commonness' => 7.0,
    'signs' => ['white-film' => 'u', 'curled-tips' => 's', 'newest-worst' => 's', 'fluff-smears' => 'n', 'honeydew' => 'n', 'yellow-angles' => 'n', 'grey-under' => 'n', 'wipes-off' => 's'],
    'where' => ['on' => 'rose cucumber squash courgette pumpkin melon vine apple oak phlox pea hawthorn gooseberry begonia honeysuckle aster', 'outside' => ['winter' => false, 'summer' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 100, 'heavy' => 400, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'percent', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.4, 'most' => 3.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots'],
    'effects' => [
        'any' => [
            'soda-with-oil' => ['effect' => 'checks', 'sure' => 3, 'why' => 'soda-with-oil-in-published-strength', 'source' => 'horst-1992'],
            'soda' => ['effect' => 'checks', 'sure' => 2, 'why' => 'soda-stops-mildew-on-leaf', 'source' => 'practice'],
            'oil' => ['effect' => 'checks', 'sure' => 1, 'why' => 'oil-stops-film-where-covers', 'source' => 'horst-1992'],
            'neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'half-strength-neem-stops-film-where', 'source' => 'practice'],
        ],
    ],
];
