<?php

declare(strict_types=1);

/*
 * What people ask for and do not get, each with its reason (key `refused-…` of `words/en/remarks.php`). Common practice where nothing else is said.
 */
return [
    'nicotine' => ['tobacco', 'nicotine', 'cigarette', 'cigarettes', 'cigar', 'cigars', 'cigarette butts', 'tobacco tea', 'tobacco juice', 'snuff', 'vape', 'vape juice', 'chewing tobacco'],
    'bleach' => ['bleach', 'chlorine', 'chlorine bleach', 'hypochlorite', 'javel water'],
    'acid' => ['vinegar', 'white vinegar', 'lemon juice', 'acid', 'citric acid'],
    'ammonia' => ['ammonia', 'ammonia cleaner', 'window cleaner'],
    'fuel' => ['kerosene', 'petrol', 'gasoline', 'diesel', 'motor oil', 'engine oil', 'turpentine', 'white spirit', 'lamp oil', 'lamp paraffin', 'paraffin lamp oil', 'lighter fluid'],
    'washing-soda' => ['washing soda', 'soda ash', 'sodium carbonate', 'caustic soda', 'lye', 'baking powder'],
    'machine-detergent' => ['laundry detergent', 'laundry soap', 'dishwasher detergent', 'dishwasher powder', 'dishwasher tablet', 'washing powder'],
    'salt' => ['salt', 'table salt', 'epsom salt', 'epsom salts'],
    'metal' => ['copper', 'copper sulfate', 'copper sulphate', 'sulfur', 'sulphur', 'lime sulfur', 'lime sulphur', 'borax', 'boric acid', 'arsenic'],
    'systemic' => ['imidacloprid', 'systemic', 'systemic insecticide', 'glyphosate', 'malathion', 'permethrin', 'pyrethrin', 'pyrethrum', 'insecticide', 'pesticide', 'weedkiller'],
    'other-alcohol' => ['methanol', 'denatured alcohol', 'vodka', 'ethanol', 'acetone'],
    'rotenone' => ['rotenone', 'derris', 'derris dust'],
    'food' => ['milk', 'sugar', 'honey', 'molasses', 'flour', 'coffee', 'yoghurt', 'yogurt', 'beer', 'cola', 'butter'],
    'essential' => ['tea tree', 'tea tree oil', 'eucalyptus', 'eucalyptus oil', 'clove oil', 'citronella', 'lavender oil', 'essential oil', 'essential oils', 'garlic', 'chili', 'chilli', 'hot sauce', 'cayenne'],
];
