<?php

declare(strict_types=1);

return [
    'rank' => 90,
    'substance' => 'alcohol',
    'density' => ['value' => 0.88, 'unit' => 'g/mL', 'source' => 'alcohol-density'],
    'strength' => ['value' => 70.0, 'unit' => '% v/v', 'source' => 'practice'],
    'density_by_strength' => ['source' => 'alcohol-density', 'points' => [0 => 0.998, 50 => 0.93, 70 => 0.88, 91 => 0.815, 99 => 0.786, 100 => 0.785]],
];
