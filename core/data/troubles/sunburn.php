<?php

declare(strict_types=1);

return [
    'rank' => 250,
    'kind' => 'care',
    'commonness' => 4.0,
    'signs' => [
        'overnight' => 'o',
        'bleached' => 'u',
        'clean-new-growth' => 'o',
        'brown-tips' => 's',
        'lately-moved' => 'o',
        'hot-dry-air' => 'o',
        'webs' => 'n',
        'moving-specks' => 'n',
    ],
    'where' => ['outside' => ['summer' => true, 'winter' => false], 'inside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
