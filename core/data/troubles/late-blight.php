<?php

declare(strict_types=1);

return [
    'rank' => 166,
    'kind' => 'fungus',
    'commonness' => 1.2,
    'signs' => ['wet-spreading' => 'u', 'after-wet-weeks' => 'u', 'grey-under' => 's', 'from-below' => 's', 'ringed-spots' => 'n', 'over-weeks' => 'n'],
    'where' => ['on' => 'tomato potato', 'only' => true, 'indoors' => false, 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 20.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots', 'bin'],
];
