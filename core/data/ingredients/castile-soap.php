<?php

declare(strict_types=1);

return [
    'rank' => 50,
    'usual_emulsifier' => true,
    'substance' => 'true-soap',
    'density' => ['value' => 1.03, 'unit' => 'g/mL', 'source' => 'practice'],
    'active' => ['value' => 0.37, 'unit' => 'g/g', 'source' => 'soap-chemistry'],
    'critical' => ['value' => 0.3206, 'unit' => 'g/L', 'source' => 'soap-chemistry'],
    'stand_ins' => [
        ['with' => 'dish-detergent', 'times' => 0.5, 'cost' => 'detergent-for-soap'],
        ['with' => 'saponin-extract', 'times' => 1.0, 'cost' => 'only-holds'],
        ['with' => 'polysorbate-20', 'times' => 0.5, 'cost' => 'only-holds'],
    ],
];
