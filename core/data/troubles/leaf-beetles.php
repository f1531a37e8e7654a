<?php

declare(strict_types=1);

return [
    'rank' => 80,
    'kind' => 'insect',
    'commonness' => 3.0,
    'signs' => ['beetles' => 'u', 'yellow-eggs' => 'o', 'holes' => 'u', 'slime' => 'n', 'webs' => 'n'],
    'where' => ['on' => 'potato aubergine mint rosemary lavender lilac willow elder', 'indoors' => false, 'outside' => ['winter' => false, 'summer' => true]],
    'stages' => ['adults', 'larvae'],
    'source' => 'practice',
    'counted' => true,
    'biology' => ['threshold' => 12.0, 'hatch' => [55.0, 90.0], 'adult' => 350.0, 'longest' => 30.0, 'best' => 30.0, 'most' => 38.0, 'source' => 'degree-days'],
    'multiplies' => ['resting' => 110.0, 'survive' => ['egg' => 0.6, 'young' => 0.3, 'resting' => 0.6], 'adult' => 500.0, 'before' => 2, 'lays' => 320.0, 'seen' => ['young', 'adult'], 'source' => 'life-tables'],
    'severity' => ['moderate' => 10, 'heavy' => 40, 'source' => 'house'],
    'act' => ['from' => 'moderate', 'wait' => 2, 'source' => 'practice'],
    'look' => ['spots' => 5, 'spot' => 'plant', 'stages' => ['eggs', 'larvae', 'adults'], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.3, 'most' => 2.0, 'unit' => '1', 'source' => 'house'],
    'containment' => ['hand-pick'],
    'effects' => [
        'larvae' => ['neem' => ['effect' => 'checks', 'sure' => 2, 'why' => 'neem-puts-larvae-off-feeding-over', 'source' => 'practice']],
    ],
];
