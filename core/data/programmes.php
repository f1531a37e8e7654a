<?php

declare(strict_types=1);

/*
 * How rounds of each shipped spray follow each other beyond `repeat_days`. `prevention`: days between rounds when there is
 * nothing to fight yet, null where it only works on what it wets. `rounds`: how many, where practice names it. `lasts`: days
 * that it goes on working. `in_turn`: days from one way of working to another, where practice names them; 0 leaves it to the
 * pace of the second. All of it common practice.
 */
return [
    'prevention' => [
        'neem-leaf-quart' => 14, 'true-neem-emulsion' => 14, 'neem-by-the-gallon' => 14, 'orchard-neem' => 14, 'gentle-neem' => 14, 'mild-neem' => 10,
        'soda-and-oil-by-the-book' => 14, 'soda-leaf-spray' => 14, 'soda-and-neem' => 14, 'peroxide-in-turn' => 14,
        'mint-mask' => 7, 'rosemary-mist' => 7, 'fine-paraffin-mist' => 182, 'weak-pot-drench' => 35, 'winter-wood-oil' => 365, 'empty-bed-neem-drench' => 365,
    ],
    'rounds' => ['orchard-neem' => 2, 'weak-pot-drench' => 2],
    'lasts' => ['weak-pot-drench' => 35],
    'in_turn' => ['peroxide>soda' => 3, 'peroxide>soda-with-oil' => 3, 'soda>peroxide' => 0, 'soda-with-oil>peroxide' => 0, 'soda>systemic-neem' => 3, 'soda-with-oil>systemic-neem' => 3, 'systemic-neem>peroxide' => 0, 'systemic-neem>soda' => 0],
    'source' => 'practice',
];
