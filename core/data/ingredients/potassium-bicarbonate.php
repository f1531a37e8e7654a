<?php

declare(strict_types=1);

/*
 * As baking soda, and less salt: it is held to the limits of soda, which is the careful side. A level spoonful is taken for as much as of soda.
 */
return [
    'rank' => 115,
    'substance' => 'soda',
    'density' => ['value' => 4.6 / 4.92892159375, 'unit' => 'g/mL', 'source' => 'practice'],
    'stand_ins' => [
        ['with' => 'baking-soda', 'times' => 1.0, 'cost' => 'other-soda'],
    ],
];
