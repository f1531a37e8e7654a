<?php

declare(strict_types=1);

return [
    'rank' => 70,
    'substance' => 'non-ionic',
    'density' => ['value' => 1.03, 'unit' => 'g/mL', 'source' => 'house'],
    'active' => ['value' => 0.18, 'unit' => 'g/g', 'source' => 'surfactants'],
    'critical' => ['value' => 0.2, 'unit' => 'g/L', 'source' => 'surfactants'],
    'soaked' => true,
    'stand_ins' => [
        ['with' => 'castile-soap', 'times' => 1.0, 'cost' => 'soap-for-detergent'],
        ['with' => 'polysorbate-20', 'times' => 0.5, 'cost' => 'only-holds'],
        ['with' => 'dish-detergent', 'times' => 0.5, 'cost' => 'detergent-for-soap'],
    ],
];
