<?php

declare(strict_types=1);

return [
    'rank' => 72,
    'kind' => 'care',
    'commonness' => 0.7,
    'signs' => ['silvering' => 'u', 'clean-new-growth' => 'u', 'over-weeks' => 'o', 'slender-insects' => 'n', 'moving-specks' => 'n'],
    'where' => ['on' => 'onion leek rose pea monstera philodendron privet'],
    'stages' => ['any'],
    'source' => 'practice',
];
