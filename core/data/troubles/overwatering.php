<?php

declare(strict_types=1);

return [
    'rank' => 230,
    'kind' => 'care',
    'commonness' => 6.0,
    'signs' => [
        'over-weeks' => 'o',
        'limp-on-wet' => 'u',
        'lately-watered-much' => 'u',
        'yellow-patches' => 'o',
        'leaf-drop' => 'o',
        'pale-old-leaves' => 's',
        'limp-on-dry' => 'n',
    ],
    'where' => ['indoors' => true, 'inside' => ['winter' => true], 'outside' => ['summer' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
