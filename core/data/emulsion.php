<?php

declare(strict_types=1);

$value = static fn(float $value, string $unit, string $source): array => ['value' => $value, 'unit' => $unit, 'source' => $source];

/*
 * What holds oil in water, and how finely each way of mixing breaks it up.
 *
 * The droplet sizes, the height of the dip tube and the tolerance are our own and set together, so that oil and soap shaken
 * together by hand want shaking again every 30 to 60 seconds, where practice puts it, and oil whipped with its emulsifier
 * first holds for hours.
 */
return [
    // mol of soap lost per mol of calcium and magnesium; molar masses; what a liquid castile holds.
    'soap-per-hardness' => $value(2.0, 'mol/mol', 'soap-chemistry'),
    'soap-molar-mass' => $value(320.6, 'g/mol', 'soap-chemistry'),
    'carbonate-molar-mass' => $value(100.087, 'g/mol', 'soap-chemistry'),
    'emulsifier-density' => $value(1.03, 'g/mL', 'practice'),
    'castile-solids' => $value(0.37, 'g/g', 'soap-chemistry'),
    // What must stay dissolved, in mL as bought per litre, before any more helps the oil.
    'dissolved-soap' => $value(0.84, 'mL/L', 'soap-chemistry'),
    'dissolved-detergent' => $value(1.0, 'mL/L', 'house'),
    'dissolved-non-ionic' => $value(0.3, 'mL/L', 'house'),
    // What the surface of the droplets takes, and how much of the emulsifier as bought is active.
    'surface-cover' => $value(2.0, 'mg/m2', 'house'),
    'detergent-active' => $value(0.2, 'g/g', 'house'),
    'non-ionic-active' => $value(0.3, 'g/g', 'house'),
    // Median diameter by volume when everything is as it should be, and its geometric spread.
    'drop-all-together' => $value(50.0, 'um', 'house'),
    'drop-soap-then-oil' => $value(40.0, 'um', 'house'),
    'drop-cup-premix' => $value(32.0, 'um', 'house'),
    'drop-emulsifier-first' => $value(4.0, 'um', 'house'),
    'drop-blender' => $value(2.5, 'um', 'house'),
    // How much coarser or finer than a shake by hand: all our own.
    'work-stir' => $value(2.0, '1', 'house'),
    'work-hand-shake' => $value(1.0, '1', 'house'),
    'work-brisk-shake' => $value(0.7, '1', 'house'),
    'work-whisk' => $value(0.5, '1', 'house'),
    'work-blender' => $value(0.2, '1', 'house'),
    'spread' => $value(1.7, '1', 'house'),
    // Without any free emulsifier the droplets come out this many times as large.
    'starved' => $value(4.0, '1', 'house'),
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
