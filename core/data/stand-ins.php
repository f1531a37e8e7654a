<?php

declare(strict_types=1);

/*
 * What may stand in for what ran out, so many mL for each mL of it, and what that costs (key of `words/en/ways-out.php`). Nothing stands in
 * for neem, alcohol, peroxide or soda. Common practice, no source; the amounts are our own, on the careful side.
 */
return [
    'castile-soap' => [['with' => 'dish-detergent', 'times' => 0.5, 'cost' => 'detergent-for-soap'], ['with' => 'saponin-extract', 'times' => 1.0, 'cost' => 'only-holds']],
    'dish-detergent' => [['with' => 'castile-soap', 'times' => 2.0, 'cost' => 'soap-for-detergent']],
    'saponin-extract' => [['with' => 'castile-soap', 'times' => 1.0, 'cost' => 'soap-for-detergent']],
    'polysorbate-20' => [['with' => 'castile-soap', 'times' => 2.0, 'cost' => 'soap-for-detergent']],
    'vegetable-oil' => [['with' => 'horticultural-oil', 'times' => 1.0, 'cost' => 'other-oil']],
    'horticultural-oil' => [['with' => 'paraffin-oil', 'times' => 1.0, 'cost' => 'other-oil'], ['with' => 'vegetable-oil', 'times' => 1.0, 'cost' => 'kitchen-for-refined']],
    'paraffin-oil' => [['with' => 'horticultural-oil', 'times' => 1.0, 'cost' => 'other-oil']],
    'peppermint-oil' => [['with' => 'rosemary-oil', 'times' => 1.0, 'cost' => 'other-scent']],
    'rosemary-oil' => [['with' => 'peppermint-oil', 'times' => 1.0, 'cost' => 'other-scent']],
];
