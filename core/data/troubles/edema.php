<?php

declare(strict_types=1);

return [
    'rank' => 280,
    'kind' => 'care',
    'commonness' => 2.0,
    'signs' => ['corky-bumps' => 'u', 'lately-watered-much' => 'o', 'from-below' => 's', 'webs' => 'n', 'moving-specks' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
];
