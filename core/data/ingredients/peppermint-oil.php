<?php

declare(strict_types=1);

return [
    'rank' => 120,
    'substance' => 'essential-oil',
    'density' => ['value' => 0.9, 'unit' => 'g/mL', 'source' => 'practice'],
    'tension' => ['value' => 22.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
    'stand_ins' => [['with' => 'rosemary-oil', 'times' => 1.0, 'cost' => 'other-scent']],
];
