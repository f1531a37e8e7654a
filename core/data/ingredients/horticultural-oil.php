<?php

declare(strict_types=1);

return [
    'rank' => 30,
    'substance' => 'refined-oil',
    'density' => ['value' => 0.85, 'unit' => 'g/mL', 'source' => 'oil-density'],
    'tension' => ['value' => 45.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
    'stand_ins' => [
        ['with' => 'paraffin-oil', 'times' => 1.0, 'cost' => 'other-oil'],
        ['with' => 'vegetable-oil', 'times' => 1.0, 'cost' => 'kitchen-for-refined'],
    ],
];
