<?php

declare(strict_types=1);

return [
    'rank' => 210,
    'kind' => 'inside',
    'commonness' => 1.5,
    'signs' => ['mosaic' => 'u', 'curled-tips' => 'o', 'newest-worst' => 'o', 'webs' => 'n', 'white-film' => 'n'],
    'where' => ['on' => 'tomato cucumber squash courgette dahlia moth-orchid melon bean'],
    'stages' => ['any'],
    'source' => 'practice',
    'containment' => ['bin'],
];
