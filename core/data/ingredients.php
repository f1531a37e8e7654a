<?php

declare(strict_types=1);

$gramsPerMl = static fn(float $value, string $source): array => ['value' => $value, 'unit' => 'g/mL', 'source' => $source];
$percent = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '% v/v', 'source' => $source];
$tension = static fn(float $value): array => ['value' => $value, 'unit' => 'mN/m', 'source' => 'oil-tension'];
$emulsifier = static fn(float $active, float $critical, string $source): array => [
    'active' => ['value' => $active, 'unit' => 'g/g', 'source' => $source], 'critical' => ['value' => $critical, 'unit' => 'g/L', 'source' => $source],
];

/*
 * Density is near 20 °C. For baking soda it is that of a level spoonful: 4.6 g in 4.92892159375 mL.
 * What holds oil says how much of it is active, and at how much of that in a litre the tension falls no further.
 */
return [
    'neem-oil' => ['name' => 'neem oil', 'substance' => 'neem', 'density' => $gramsPerMl(0.92, 'oil-density'), 'tension' => $tension(22)],
    'vegetable-oil' => ['name' => 'vegetable oil', 'substance' => 'kitchen-oil', 'density' => $gramsPerMl(0.92, 'oil-density'), 'tension' => $tension(22)],
    'horticultural-oil' => ['name' => 'horticultural oil', 'substance' => 'refined-oil', 'density' => $gramsPerMl(0.85, 'oil-density'), 'tension' => $tension(45)],
    'paraffin-oil' => ['name' => 'paraffin oil', 'substance' => 'refined-oil', 'density' => $gramsPerMl(0.84, 'oil-density'), 'tension' => $tension(45)],
    'castile-soap' => ['name' => 'castile soap', 'usual_emulsifier' => true, 'substance' => 'true-soap', 'density' => $gramsPerMl(1.03, 'practice')] + $emulsifier(0.37, 0.3206, 'soap-chemistry'),
    'dish-detergent' => ['name' => 'dish detergent', 'substance' => 'detergent', 'density' => $gramsPerMl(1.03, 'practice')] + $emulsifier(0.2, 0.15, 'surfactants'),
    'saponin-extract' => ['name' => 'soap bark extract', 'substance' => 'non-ionic', 'density' => $gramsPerMl(1.03, 'house')] + $emulsifier(0.18, 0.2, 'surfactants'),
    'polysorbate-20' => ['name' => 'polysorbate 20', 'substance' => 'non-ionic', 'density' => $gramsPerMl(1.10, 'practice')] + $emulsifier(0.97, 0.06, 'surfactants'),
    'isopropyl-alcohol' => [
        'name' => 'isopropyl alcohol', 'substance' => 'alcohol',
        'density' => $gramsPerMl(0.88, 'alcohol-density'), 'strength' => $percent(70, 'practice'),
        'density_by_strength' => ['source' => 'alcohol-density', 'points' => [0 => 0.998, 50 => 0.93, 70 => 0.88, 91 => 0.815, 99 => 0.786, 100 => 0.785]],
    ],
    'hydrogen-peroxide' => [
        'name' => 'hydrogen peroxide', 'substance' => 'peroxide',
        'density' => $gramsPerMl(1.01, 'practice'), 'strength' => $percent(3, 'practice'),
    ],
    'baking-soda' => ['name' => 'baking soda', 'substance' => 'soda', 'density' => $gramsPerMl(4.6 / 4.92892159375, 'usda-fdc')],
    'peppermint-oil' => ['name' => 'peppermint oil', 'substance' => 'essential-oil', 'density' => $gramsPerMl(0.90, 'practice'), 'tension' => $tension(22)],
    'rosemary-oil' => ['name' => 'rosemary oil', 'substance' => 'essential-oil', 'density' => $gramsPerMl(0.90, 'practice'), 'tension' => $tension(22)],
    'egg' => [
        'name' => 'egg', 'substance' => 'egg', 'density' => $gramsPerMl(1.03, 'practice'),
        'piece' => ['value' => 50 / 1.03, 'unit' => 'mL', 'source' => 'usda-fdc'],
    ],
];
