<?php

declare(strict_types=1);

return [
    'rank' => 274,
    'kind' => 'care',
    'commonness' => 0.7,
    'signs' => ['pale-between-veins' => 'u', 'from-below' => 'u', 'over-weeks' => 'o', 'leaf-drop' => 's', 'newest-worst' => 'n', 'webs' => 'n', 'moving-specks' => 'n'],
    'where' => ['on' => 'tomato apple vine potato rose cucumber'],
    'stages' => ['any'],
    'source' => 'practice',
];
