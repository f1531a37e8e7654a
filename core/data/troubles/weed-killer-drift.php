<?php

declare(strict_types=1);

return [
    'rank' => 264,
    'kind' => 'care',
    'commonness' => 0.5,
    'signs' => ['strap-like' => 'u', 'several-kinds' => 'u', 'newest-worst' => 'o', 'hard-twisted' => 's', 'curled-tips' => 's', 'webs' => 'n', 'moving-specks' => 'n'],
    'where' => ['on' => 'tomato vine rose', 'indoors' => false, 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
