<?php

declare(strict_types=1);

return [
    'rank' => 280,
    'kind' => 'care',
    'commonness' => 2.0,
    'signs' => ['corky-bumps' => 'u', 'lately-watered-much' => 'o', 'from-below' => 's', 'webs' => 'n', 'moving-specks' => 'n'],
    'where' => ['on' => 'zonal-pelargonium hoya camellia jade-plant cabbage', 'indoors' => true],
    'stages' => ['any'],
    'source' => 'practice',
];
