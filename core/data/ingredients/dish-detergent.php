<?php

declare(strict_types=1);

return [
    'rank' => 60,
    'substance' => 'detergent',
    'density' => ['value' => 1.03, 'unit' => 'g/mL', 'source' => 'practice'],
    'active' => ['value' => 0.2, 'unit' => 'g/g', 'source' => 'surfactants'],
    'critical' => ['value' => 0.15, 'unit' => 'g/L', 'source' => 'surfactants'],
    'stand_ins' => [
        ['with' => 'castile-soap', 'times' => 2.0, 'cost' => 'soap-for-detergent'],
        ['with' => 'polysorbate-20', 'times' => 1.0, 'cost' => 'only-holds'],
        ['with' => 'saponin-extract', 'times' => 2.0, 'cost' => 'only-holds'],
    ],
];
