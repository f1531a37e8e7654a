<?php

declare(strict_types=1);

return [
    'rank' => 260,
    'kind' => 'care',
    'commonness' => 3.0,
    'signs' => ['overnight' => 'u', 'black-after-cold' => 'u', 'lately-moved' => 's', 'leaf-drop' => 's', 'webs' => 'n'],
    'where' => ['indoors' => false, 'outside' => ['winter' => true, 'spring' => true, 'summer' => false]],
    'stages' => ['any'],
    'source' => 'practice',
];
