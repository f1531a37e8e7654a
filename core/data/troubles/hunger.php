<?php

declare(strict_types=1);

return [
    'rank' => 300,
    'kind' => 'care',
    'commonness' => 4.0,
    'signs' => [
        'over-weeks' => 'u',
        'pale-old-leaves' => 'u',
        'pale-between-veins' => 'o',
        'leaf-drop' => 's',
        'moving-specks' => 'n',
        'webs' => 'n',
    ],
    'where' => ['on' => 'tomato sweetcorn squash courgette cabbage', 'outside' => ['summer' => true, 'winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
