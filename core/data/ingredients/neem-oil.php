<?php

declare(strict_types=1);

return [
    'rank' => 10,
    'substance' => 'neem',
    'density' => ['value' => 0.92, 'unit' => 'g/mL', 'source' => 'oil-density'],
    'tension' => ['value' => 22.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
];
