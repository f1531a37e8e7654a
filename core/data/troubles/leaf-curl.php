<?php

declare(strict_types=1);

return [
    'rank' => 168,
    'kind' => 'fungus',
    'commonness' => 0.8,
    'signs' => ['puckered-red' => 'u', 'newest-worst' => 'o', 'curled-tips' => 'o', 'after-wet-weeks' => 'o', 'honeydew' => 'n', 'clusters-on-tips' => 'n'],
    'where' => ['on' => 'peach almond apricot', 'only' => true, 'indoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots'],
];
