<?php

declare(strict_types=1);

return [
    'rank' => 240,
    'kind' => 'care',
    'commonness' => 5.0,
    'signs' => [
        'brown-tips' => 'o',
        'limp-on-dry' => 'u',
        'hot-dry-air' => 'o',
        'leaf-drop' => 'o',
        'yellow-patches' => 's',
        'limp-on-wet' => 'n',
    ],
    'where' => ['outside' => ['summer' => true, 'winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
