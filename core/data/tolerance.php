<?php

declare(strict_types=1);

/*
 * What a spray lands on. `limits` names the column of `limits.php` that holds for it; `formerly` is what older documents call it.
 */
return [
    'ordinary-leaf' => [
        'name' => 'Ordinary leaf', 'surface' => 'leaf', 'limits' => 'ordinary',
        'looks_like' => 'Neither thin nor leathery: rose, dahlia, fuchsia, most garden plants.',
    ],
    'tough-leaf' => [
        'name' => 'Tough, glossy leaf', 'surface' => 'leaf', 'limits' => 'tough',
        'looks_like' => 'Thick and shining: bay, lemon, camellia.',
    ],
    'tender-leaf' => [
        'name' => 'Tender leaf', 'thin' => true, 'surface' => 'leaf', 'limits' => 'tender',
        'looks_like' => 'Thin, new, droughted, freshly moved, or a seedling.',
    ],
    'wounded-leaf' => [
        'name' => 'Grazed or wounded leaf', 'wounded' => true, 'surface' => 'leaf', 'limits' => 'tender',
        'looks_like' => 'Scratched, chewed or torn: it soaks up oil and turns dark.',
    ],
    'waxy-bloom-leaf' => [
        'name' => 'Leaf with waxy bloom', 'has_bloom' => true, 'surface' => 'leaf', 'limits' => 'tender',
        'looks_like' => 'A powder that a fingertip wipes off, as on many succulents; oil and soap strip it.',
    ],
    'hairy-leaf' => [
        'name' => 'Hairy leaf', 'wilts_by_alcohol' => true, 'surface' => 'leaf', 'limits' => 'hairy',
        'looks_like' => 'Fuzzy or felted to the touch; alcohol wilts it for good.',
    ],
    'no-oil-leaf' => [
        'name' => 'Leaf that bears no oil', 'thin' => true, 'bears_no_oil' => true, 'surface' => 'leaf', 'limits' => 'tender',
        'looks_like' => 'Ferns, blue conifers, red and Japanese maples, walnuts, hickories.',
    ],
    'dormant-wood' => [
        'name' => 'Bare dormant wood', 'surface' => 'wood', 'bare' => true, 'limits' => 'wood',
        'looks_like' => 'No leaf out and no bud breaking.',
    ],
    'empty-bed' => [
        'name' => 'Empty bed', 'surface' => 'soil', 'empty' => true, 'limits' => 'bed', 'formerly' => ['soil'],
        'looks_like' => 'Soil with nothing growing in it; no leaf is wetted.',
    ],
    'planted-soil' => [
        'name' => 'Soil with plants in it', 'surface' => 'soil', 'planted' => true, 'limits' => 'pot',
        'looks_like' => 'The compost of a pot, or a bed with roots in it.',
    ],
];
