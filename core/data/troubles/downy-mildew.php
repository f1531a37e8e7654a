<?php

declare(strict_types=1);

return [
    'rank' => 161,
    'kind' => 'fungus',
    'commonness' => 1.2,
    'signs' => ['yellow-angles' => 'u', 'grey-under' => 'u', 'after-wet-weeks' => 'o', 'from-below' => 's', 'leaf-drop' => 's', 'white-film' => 'n', 'ringed-spots' => 'n'],
    'where' => ['on' => 'vine cucumber lettuce onion spinach pea melon', 'indoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots', 'water-soil'],
];
