<?php

declare(strict_types=1);

/*
 * Its density is that of a level spoonful: 4.6 g in a US teaspoon of 4.92892159375 mL.
 */
return [
    'rank' => 110,
    'substance' => 'soda',
    'density' => ['value' => 4.6 / 4.92892159375, 'unit' => 'g/mL', 'source' => 'usda-fdc'],
    'stand_ins' => [
        ['with' => 'potassium-bicarbonate', 'times' => 1.0, 'cost' => 'other-soda'],
    ],
];
