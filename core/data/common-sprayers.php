<?php

declare(strict_types=1);

/*
 * Sprayers as they are sold most (common practice, no source): what they hold, and what they look like.
 */
return [
    ['name' => 'Trigger bottle', 'amount' => 1, 'unit' => '[qt_us]', 'shape' => 'trigger-bottle'],
    ['name' => 'Trigger bottle', 'amount' => 1, 'unit' => 'L', 'shape' => 'trigger-bottle'],
    ['name' => 'Trigger bottle', 'amount' => 750, 'unit' => 'mL', 'shape' => 'trigger-bottle'],
    ['name' => 'Pump can', 'amount' => 1, 'unit' => '[gal_us]', 'shape' => 'pump-can'],
    ['name' => 'Pump can', 'amount' => 5, 'unit' => 'L', 'shape' => 'pump-can'],
    ['name' => 'Knapsack', 'amount' => 4, 'unit' => '[gal_us]', 'shape' => 'knapsack'],
    ['name' => 'Bucket', 'amount' => 10, 'unit' => 'L', 'shape' => 'bucket'],
    ['name' => 'Watering can', 'amount' => 10, 'unit' => 'L', 'shape' => 'watering-can'],
];
