<?php

declare(strict_types=1);

return [
    'rank' => 110,
    'kind' => 'soil',
    'commonness' => 5.0,
    'signs' => ['soil-flies' => 'u', 'lately-watered-much' => 'u', 'white-flies' => 'n', 'holes' => 'n'],
    'where' => ['indoors' => true, 'outdoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'look' => ['spots' => 2, 'spot' => 'card', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 2.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['dry-out', 'change-soil'],
];
