<?php

declare(strict_types=1);

/*
 * What is left of neem oil once its bitter part was taken out: it smothers as a refined oil does, and keeps nothing from feeding. Handbook,
 * from memory.
 */
return [
    'rank' => 15,
    'substance' => 'refined-oil',
    'density' => ['value' => 0.92, 'unit' => 'g/mL', 'source' => 'oil-density'],
    'tension' => ['value' => 22.0, 'unit' => 'mN/m', 'source' => 'oil-tension'],
    'stand_ins' => [['with' => 'horticultural-oil', 'times' => 1.0, 'cost' => 'other-oil']],
];
