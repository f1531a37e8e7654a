<?php

declare(strict_types=1);

return [
    'rank' => 40,
    'substance' => 'refined-oil',
    'density' => ['value' => 0.84, 'unit' => 'g/mL', 'source' => 'oil-density'],
    'tension' => ['value' => 45.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
    'stand_ins' => [
        ['with' => 'horticultural-oil', 'times' => 1.0, 'cost' => 'other-oil'],
        ['with' => 'vegetable-oil', 'times' => 1.0, 'cost' => 'kitchen-for-refined'],
    ],
];
