<?php

declare(strict_types=1);

/*
 * A piece is 50 g without its shell, at the density of egg.
 */
return [
    'rank' => 140,
    'substance' => 'egg',
    'density' => ['value' => 1.03, 'unit' => 'g/mL', 'source' => 'practice'],
    'piece' => ['value' => 50 / 1.03, 'unit' => 'mL', 'source' => 'usda-fdc'],
];
