<?php

declare(strict_types=1);

$value = static fn(float $value, string $unit, string $source): array => ['value' => $value, 'unit' => $unit, 'source' => $source];

/*
 * What holds oil in water, and how finely each way of mixing breaks it up.
 *
 * The droplets at the least tension, the height of the dip tube and the tolerance are our own and set together, so that oil
 * and soap shaken together by hand want shaking again every 30 to 90 seconds, where practice puts it, oil without any
 * emulsifier within 20 seconds in any order, and oil whipped with its emulsifier first holds for hours.
 */
return [
    // mol of soap lost per mol of calcium and magnesium; molar masses.
    'soap-per-hardness' => $value(2.0, 'mol/mol', 'soap-chemistry'),
    'soap-molar-mass' => $value(320.6, 'g/mol', 'soap-chemistry'),
    'carbonate-molar-mass' => $value(100.087, 'g/mol', 'soap-chemistry'),
    // What must be free: of the oil's weight, active on the drops, and of the critical concentration, dissolved (0.3 mL/L of castile).
    'needed-on-oil' => $value(0.015, 'g/g', 'practice'),
    'needed-dissolved' => $value(0.3565, '1', 'practice'),
    // What a square metre of drop takes.
    'surface-cover' => $value(2.0, 'mg/m2', 'practice'),
    // Tension with all the emulsifier that helps, and how steeply it falls before: the critical concentration by that at which the logarithm starts.
    'least-tension' => $value(3.0, 'mN/m', 'practice'),
    'tension-falls' => $value(100.0, '1', 'house'),
    'drop-by-tension' => $value(0.6, '1', 'hinze-1955'),
    // Median diameter by volume at the least tension, and its geometric spread.
    'drop-all-together' => $value(42.0, 'um', 'house'),
    'drop-soap-then-oil' => $value(40.0, 'um', 'house'),
    'drop-cup-premix' => $value(36.0, 'um', 'house'),
    'drop-emulsifier-first' => $value(3.0, 'um', 'house'),
    'drop-blender' => $value(2.5, 'um', 'house'),
    // How much coarser or finer than a shake by hand: all our own.
    'work-stir' => $value(2.0, '1', 'house'),
    'work-hand-shake' => $value(1.0, '1', 'house'),
    'work-brisk-shake' => $value(0.7, '1', 'house'),
    'work-whisk' => $value(0.5, '1', 'house'),
    'work-blender' => $value(0.2, '1', 'house'),
    'spread' => $value(1.7, '1', 'house'),
    // Neem thickens below this, and its droplets grow by this share for every degree.
    'neem-thickens-below' => $value(18.0, 'Cel', 'practice'),
    'neem-coarser-a-degree' => $value(0.1, '1', 'house'),
    'tube-height' => $value(15.0, 'mm', 'house'),
    'drift-tolerance' => $value(0.2, '1', 'house'),
    // A layer this thick is seen as a ring.
    'ring-seen' => $value(0.05, 'mm', 'house'),
    // How long a full tank lasts, and how high it stands.
    'spraying-time' => $value(600.0, 's', 'house'),
    'tank-height' => $value(200.0, 'mm', 'house'),
    'glass-height' => $value(80.0, 'mm', 'practice'),
    // Hardness reckoned with while nobody knows it: the top of moderate.
    'hardness-assumed' => $value(120.0, 'mg/L', 'house'),
];
