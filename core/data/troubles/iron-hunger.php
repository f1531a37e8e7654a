<?php

declare(strict_types=1);

return [
    'rank' => 272,
    'kind' => 'care',
    'commonness' => 1.3,
    'signs' => ['pale-between-veins' => 'u', 'newest-worst' => 'u', 'over-weeks' => 'o', 'from-below' => 'n', 'webs' => 'n', 'moving-specks' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
];
