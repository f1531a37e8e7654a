<?php

declare(strict_types=1);

return [
    'rank' => 20,
    'substance' => 'kitchen-oil',
    'density' => ['value' => 0.92, 'unit' => 'g/mL', 'source' => 'oil-density'],
    'tension' => ['value' => 22.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
    'stand_ins' => [
        ['with' => 'horticultural-oil', 'times' => 1.0, 'cost' => 'other-oil'],
        ['with' => 'paraffin-oil', 'times' => 1.0, 'cost' => 'other-oil'],
    ],
];
