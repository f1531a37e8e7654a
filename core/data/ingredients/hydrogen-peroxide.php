<?php

declare(strict_types=1);

return [
    'rank' => 100,
    'substance' => 'peroxide',
    'density' => ['value' => 1.01, 'unit' => 'g/mL', 'source' => 'practice'],
    'strength' => ['value' => 3.0, 'unit' => '% v/v', 'source' => 'practice'],
];
