<?php

declare(strict_types=1);

return [
    'rank' => 80,
    'substance' => 'non-ionic',
    'density' => ['value' => 1.1, 'unit' => 'g/mL', 'source' => 'practice'],
    'active' => ['value' => 0.97, 'unit' => 'g/g', 'source' => 'surfactants'],
    'critical' => ['value' => 0.06, 'unit' => 'g/L', 'source' => 'surfactants'],
    'stand_ins' => [
        ['with' => 'castile-soap', 'times' => 2.0, 'cost' => 'soap-for-detergent'],
        ['with' => 'saponin-extract', 'times' => 2.0, 'cost' => 'only-holds'],
        ['with' => 'dish-detergent', 'times' => 1.0, 'cost' => 'detergent-for-soap'],
    ],
];
