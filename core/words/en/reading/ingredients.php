<?php

declare(strict_types=1);

/*
 * Words for ingredients. `assumed` is the key of what is said when a loose word is taken for this one (`words/en/remarks.php`).
 */
$named = static fn(string $slug, string ...$words): array => ['slug' => $slug, 'words' => $words, 'assumed' => null];
$loose = static fn(string $slug, string $assumed, string ...$words): array => ['slug' => $slug, 'words' => $words, 'assumed' => $assumed];

return [
    $named('neem-oil', 'neem', 'neem oil', 'cold pressed neem', 'cold pressed neem oil', 'raw neem', 'raw neem oil'),
    $named('vegetable-oil', 'vegetable oil', 'veg oil', 'veggie oil', 'canola', 'sunflower', 'rapeseed', 'olive', 'soybean', 'veg', 'light olive oil', 'sunflower seed oil', 'vegetable cooking oil', 'kitchen oil', 'cooking oil', 'sunflower oil', 'canola oil', 'rapeseed oil', 'rape oil', 'olive oil', 'soybean oil', 'soya oil', 'corn oil', 'peanut oil', 'salad oil', 'cottonseed oil'),
    $loose('vegetable-oil', 'oil', 'oil', 'light oil'),
    $named('horticultural-oil', 'horticultural oil', 'hort oil', 'garden oil', 'summer oil', 'white oil', 'horticulture oil', 'winter oil', 'dormant oil'),
    $named('paraffin-oil', 'paraffin', 'paraffin oil', 'liquid paraffin', 'mineral oil', 'light paraffin oil'),
    $named('castile-soap', 'castile', 'castile soap', 'liquid castile soap', 'liquid castile', 'soft soap', 'potassium soap', 'insecticidal soap', 'green soap', 'true soap', 'pure castile soap', 'castile liquid soap', 'potash soap'),
    $loose('castile-soap', 'soap', 'soap', 'liquid soap'),
    $named('dish-detergent', 'dish detergent', 'dish soap', 'dishsoap', 'detergent', 'dishwashing liquid', 'washing up liquid', 'dish liquid', 'gentle detergent', 'dish washing liquid', 'gentle dish soap', 'dishwashing detergent', 'dish washing detergent', 'dishwashing soap', 'washing up', 'liquid dish soap', 'liquid detergent', 'mild dish soap', 'hand soap', 'hand wash', 'liquid hand soap', 'washing up soap', 'dish washing soap'),
    $named('saponin-extract', 'saponin', 'saponin extract', 'soap bark', 'soap bark extract', 'soapbark extract', 'quillaja', 'quillaja extract', 'yucca extract', 'soapbark', 'soap bark liquid'),
    $named('polysorbate-20', 'polysorbate', 'polysorbate 20', 'polysorbate20'),
    $named('isopropyl-alcohol', 'isopropyl alcohol', 'isopropyl', 'isopropanol', 'ipa', 'rubbing alcohol', 'isopropyl rubbing alcohol', 'isoprop'),
    $loose('isopropyl-alcohol', 'alcohol', 'alcohol'),
    $named('hydrogen-peroxide', 'hydrogen peroxide', 'peroxide', 'h2o2'),
    $named('baking-soda', 'baking soda', 'bicarbonate', 'bicarb', 'bicarbonate of soda', 'sodium bicarbonate', 'bicarb soda', 'bicarb of soda', 'cooking soda', 'bread soda', 'bicarbonate soda'),
    $loose('baking-soda', 'soda', 'soda'),
    $named('peppermint-oil', 'peppermint', 'peppermint oil', 'peppermint essential oil', 'mint oil', 'oil of peppermint', 'essential oil of peppermint', 'essential peppermint oil'),
    $named('rosemary-oil', 'rosemary', 'rosemary oil', 'rosemary essential oil', 'oil of rosemary', 'essential oil of rosemary'),
    $named('egg', 'egg', 'eggs', 'whole egg', 'whole eggs', 'large egg', 'large eggs'),
];
