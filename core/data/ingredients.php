<?php

declare(strict_types=1);

$gramsPerMl = static fn(float $value, string $source): array => ['value' => $value, 'unit' => 'g/mL', 'source' => $source];
$percent = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '% v/v', 'source' => $source];

/*
 * Density is near 20 °C. For baking soda it is that of a level spoonful: 4.6 g in 4.92892159375 mL.
 */
return [
    'neem-oil' => ['name' => 'neem oil', 'substance' => 'neem', 'density' => $gramsPerMl(0.92, 'oil-density')],
    'vegetable-oil' => ['name' => 'vegetable oil', 'substance' => 'kitchen-oil', 'density' => $gramsPerMl(0.92, 'oil-density')],
    'horticultural-oil' => ['name' => 'horticultural oil', 'substance' => 'refined-oil', 'density' => $gramsPerMl(0.85, 'oil-density')],
    'paraffin-oil' => ['name' => 'paraffin oil', 'substance' => 'refined-oil', 'density' => $gramsPerMl(0.84, 'oil-density')],
    'castile-soap' => ['name' => 'castile soap', 'usual_emulsifier' => true, 'substance' => 'true-soap', 'density' => $gramsPerMl(1.03, 'practice')],
    'dish-detergent' => ['name' => 'dish detergent', 'substance' => 'detergent', 'density' => $gramsPerMl(1.03, 'practice')],
    'saponin-extract' => ['name' => 'soap bark extract', 'substance' => 'non-ionic', 'density' => $gramsPerMl(1.03, 'house')],
    'polysorbate-20' => ['name' => 'polysorbate 20', 'substance' => 'non-ionic', 'density' => $gramsPerMl(1.10, 'practice')],
    'isopropyl-alcohol' => [
        'name' => 'isopropyl alcohol', 'substance' => 'alcohol',
        'density' => $gramsPerMl(0.87, 'alcohol-density'), 'strength' => $percent(70, 'practice'),
    ],
    'hydrogen-peroxide' => [
        'name' => 'hydrogen peroxide', 'substance' => 'peroxide',
        'density' => $gramsPerMl(1.01, 'practice'), 'strength' => $percent(3, 'practice'),
    ],
    'baking-soda' => ['name' => 'baking soda', 'substance' => 'soda', 'density' => $gramsPerMl(4.6 / 4.92892159375, 'usda-fdc')],
    'peppermint-oil' => ['name' => 'peppermint oil', 'substance' => 'essential-oil', 'density' => $gramsPerMl(0.90, 'practice')],
    'rosemary-oil' => ['name' => 'rosemary oil', 'substance' => 'essential-oil', 'density' => $gramsPerMl(0.90, 'practice')],
    'egg' => [
        'name' => 'egg', 'substance' => 'egg', 'density' => $gramsPerMl(1.03, 'practice'),
        'piece' => ['value' => 50 / 1.03, 'unit' => 'mL', 'source' => 'usda-fdc'],
    ],
];
