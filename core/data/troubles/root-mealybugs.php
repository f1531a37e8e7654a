<?php

declare(strict_types=1);

return [
    'rank' => 52,
    'kind' => 'soil',
    'commonness' => 0.6,
    'signs' => ['white-on-roots' => 'u', 'limp-on-wet' => 's', 'over-weeks' => 'o', 'pale-old-leaves' => 's', 'soil-grubs' => 'n', 'webs' => 'n'],
    'where' => ['on' => 'african-violet echeveria jade-plant sedum graptopetalum', 'indoors' => true, 'outdoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'severity' => ['moderate' => 5, 'heavy' => 25, 'source' => 'house'],
    'act' => ['from' => 'light', 'wait' => 7, 'source' => 'practice'],
    'look' => ['spots' => 2, 'spot' => 'side', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.5, 'most' => 4.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['change-soil'],
];
