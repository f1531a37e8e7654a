<?php

declare(strict_types=1);

/*
 * Which shipped method is proposed for a recipe of one's own: by where it goes, else by the first of these that is in it, the one that
 * decides how it is used before others. Our own choice; the gardener is asked.
 */
return [
    'uses' => ['drench' => 'weak-pot-drench', 'dormant' => 'winter-wood-oil', 'spot' => 'half-alcohol-swab'],
    'substances' => [
        'egg' => 'egg-and-oil-milk',
        'soda' => 'soda-leaf-spray',
        'peroxide' => 'peroxide-in-turn',
        'neem' => 'neem-leaf-quart',
        'refined-oil' => 'fine-paraffin-mist',
        'kitchen-oil' => 'kitchen-oil-by-the-quart',
        'alcohol' => 'alcohol-soap-and-brush',
        'essential-oil' => 'mint-mask',
        'true-soap' => 'plain-soap',
        'detergent' => 'mild-soap',
    ],
    'otherwise' => 'plain-soap',
    // How it works, the main way first; what only wets or holds oil works by nothing.
    'ways' => [
        'egg' => 'egg-oil',
        'neem' => 'neem',
        'refined-oil' => 'oil',
        'kitchen-oil' => 'oil',
        'alcohol' => 'alcohol',
        'soda' => 'soda',
        'peroxide' => 'peroxide',
        'essential-oil' => 'essential',
        'true-soap' => 'soap',
        'detergent' => 'detergent',
    ],
];
