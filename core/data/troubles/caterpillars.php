<?php

declare(strict_types=1);

return [
    'rank' => 90,
    'kind' => 'insect',
    'commonness' => 5.0,
    'signs' => ['overnight' => 's', 'caterpillars' => 'u', 'holes' => 'u', 'slime' => 'n', 'beetles' => 'n'],
    'where' => ['on' => 'cabbage kale broccoli cauliflower brussels-sprout kohlrabi boxwood apple rose zonal-pelargonium nasturtium gooseberry tomato', 'indoors' => false, 'outside' => ['winter' => false, 'summer' => true]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 3, 'heavy' => 10, 'source' => 'house'],
    'look' => ['spots' => 5, 'spot' => 'plant', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.2, 'most' => 1.5, 'unit' => '1', 'source' => 'house'],
    'containment' => ['hand-pick', 'pick-at-dusk'],
];
