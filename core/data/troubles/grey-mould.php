<?php

declare(strict_types=1);

return [
    'rank' => 167,
    'kind' => 'fungus',
    'commonness' => 1.0,
    'signs' => ['grey-mould' => 'u', 'after-wet-weeks' => 'o', 'soft-base' => 's', 'leaf-drop' => 's', 'white-film' => 'n'],
    'where' => ['on' => 'strawberry vine peony lettuce raspberry zonal-pelargonium tomato', 'outside' => ['autumn' => true], 'inside' => ['winter' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 3, 'source' => 'practice'],
    'look' => ['spots' => 10, 'spot' => 'tip', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['strip-spots', 'water-soil'],
];
