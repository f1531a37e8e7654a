<?php

declare(strict_types=1);

return [
    'rank' => 272,
    'kind' => 'care',
    'commonness' => 1.3,
    'signs' => ['pale-between-veins' => 'u', 'newest-worst' => 'u', 'over-weeks' => 'o', 'from-below' => 'n', 'webs' => 'n', 'moving-specks' => 'n'],
    'where' => ['on' => 'blueberry azalea camellia gardenia rhododendron hydrangea lemon orange lime citrus'],
    'stages' => ['any'],
    'source' => 'practice',
];
