<?php

declare(strict_types=1);

return [
    'rank' => 220,
    'kind' => 'inside',
    'commonness' => 3.0,
    'signs' => ['soft-base' => 'u', 'limp-on-wet' => 'u', 'lately-watered-much' => 'o', 'leaf-drop' => 's', 'limp-on-dry' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
];
