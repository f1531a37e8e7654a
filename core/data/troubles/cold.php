<?php

declare(strict_types=1);

return [
    'rank' => 260,
    'kind' => 'care',
    'commonness' => 3.0,
    'signs' => ['overnight' => 'u', 'black-after-cold' => 'u', 'lately-moved' => 's', 'leaf-drop' => 's', 'webs' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
];
