<?php

declare(strict_types=1);

return [
    'rank' => 290,
    'kind' => 'care',
    'commonness' => 2.0,
    'signs' => ['salt-crust' => 'u', 'brown-tips' => 'u', 'over-weeks' => 'o', 'leaf-drop' => 's', 'webs' => 'n', 'moving-specks' => 'n'],
    'where' => ['indoors' => true, 'outdoors' => false],
    'stages' => ['any'],
    'source' => 'practice',
];
