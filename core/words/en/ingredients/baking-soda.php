<?php

declare(strict_types=1);

return [
    'name' => 'baking soda',
    'also' => 'bicarbonate of soda',
    'words' => [
        'baking soda',
        'bicarbonate',
        'bicarb',
        'bicarbonate of soda',
        'sodium bicarbonate',
        'bicarb soda',
        'bicarb of soda',
        'cooking soda',
        'bread soda',
        'bicarbonate soda',
    ],
    'loose' => ['soda' => ['soda']],
];
