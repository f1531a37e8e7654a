<?php

declare(strict_types=1);

return [
    'rank' => 270,
    'kind' => 'care',
    'commonness' => 3.0,
    'signs' => [
        'wet-marks' => 'u',
        'after-spray' => 'u',
        'clean-new-growth' => 'u',
        'bleached' => 'o',
        'brown-tips' => 'o',
        'overnight' => 'o',
        'leaf-drop' => 's',
        'webs' => 'n',
        'moving-specks' => 'n',
        'lately-moved' => 'n',
    ],
    'stages' => ['any'],
    'source' => 'practice',
    'by_spray' => true,
];
