<?php

declare(strict_types=1);

/*
 * A season at Fennel Row in Little Orrery: place, people, plants and counts are all made up.
 * Times are hours before the demo is written; a batch is mixed at `at`, the rest counts from there.
 */
return [
    'plants' => [
        'dahlia' => ['Dahlia by the gate', 'ordinary-leaf', 'Gate bed', 'Dahlia'],
        'lemon' => ['Lemon in the tub', 'tough-leaf', 'South step', 'Lemon'],
        'fuchsia' => ['Fuchsia basket', 'tender-leaf', 'Porch', 'Fuchsia'],
        'rose' => ['Climbing rose', 'ordinary-leaf', 'West wall', 'Rose'],
        'nasturtium' => ['Nasturtium row', 'ordinary-leaf', 'Path edge', 'Nasturtium'],
        'hibiscus' => ['Hibiscus', 'ordinary-leaf', 'Glasshouse', 'Hibiscus'],
        'lilac' => ['Lilac, bare in winter', 'dormant-wood', 'Back fence', 'Lilac'],
        'lambsear' => ['Lamb’s ear edging', 'hairy-leaf', 'Gate bed', 'Lamb’s ear'],
        'bay' => ['Sweet bay', 'tough-leaf', 'South step', 'Bay'],
        'bed' => ['Empty salad bed', 'soil', 'Behind the shed', ''],
    ],
    'sprayers' => [
        'can' => ['Green pump can', 1, '[gal_us]'],
        'hand' => ['Brass hand sprayer', 1, 'L'],
        'quart' => ['Quart bottle', 1, '[qt_us]'],
        'back' => ['Knapsack', 4, '[gal_us]'],
    ],
    // mL that stay behind, and mL in all with the mm they stood at, poured a fifth of a litre at a time.
    'found' => [
        'hand' => [45.0, [[200.0, 31.0], [400.0, 58.0], [600.0, 84.0], [800.0, 111.0], [1000.0, 141.0]]],
    ],
    'measures' => [
        ['Tin cup', 1, '[cup_us]'],
        ['Tablespoon', 1, '[tbs_us]'],
        ['Teaspoon', 1, '[tsp_us]'],
        ['Half teaspoon', 0.5, '[tsp_us]'],
        ['Quarter teaspoon', 0.25, '[tsp_us]'],
        ['Dropper, one drop', 1, '[drp]'],
    ],
    'cases' => [
        [
            'plant' => 'lilac', 'pest' => 'scale', 'at' => 6200, 'closed' => 5700,
            'notes' => 'Grey domes along the two old stems.', 'conclusion' => 'Hardly any living domes when the leaves came out.',
            'counts' => [[6190, 64], [5720, 7]],
            'rounds' => [['recipe' => 'winter-wood-oil', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 6180, 'glass' => 'even', 'sprayed' => 6179, 'hand' => true, 'notes' => 'Loose bark brushed off first.']],
        ],
        [
            'plant' => 'dahlia', 'pest' => 'aphids', 'at' => 1500, 'closed' => 1100,
            'notes' => 'Ants on the stems, tips curled.', 'conclusion' => 'Clean for three weeks, new tips healthy.',
            'counts' => [[1496, 120], [1496, 110, true], [1440, 22], [1440, 125, true], [1392, 3], [1392, 140, true], [1200, 0]],
            'rounds' => [
                ['recipe' => 'castile-and-kitchen-oil', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1492, 'glass' => 'even', 'test' => [24, 'clean clean', 25], 'sprayed' => 1466, 'hand' => true, 'notes' => 'Water jet first.'],
                ['recipe' => 'castile-and-kitchen-oil', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1418, 'glass' => 'even', 'sprayed' => 1417],
            ],
        ],
        [
            'plant' => 'nasturtium', 'pest' => 'aphids', 'at' => 900, 'closed' => 560,
            'notes' => 'Black aphids under the round leaves.', 'conclusion' => 'Gone after two rounds of the kitchen oil.',
            'counts' => [[898, 80], [840, 66], [768, 9], [672, 1]],
            'rounds' => [
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 890, 'glass' => 'not-done', 'sprayed' => 889],
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 836, 'glass' => 'even', 'test' => [24, 'clean clean', 26], 'sprayed' => 808],
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 745, 'glass' => 'even', 'sprayed' => 744],
            ],
        ],
        [
            'plant' => 'rose', 'pest' => 'black-spot', 'at' => 1000, 'closed' => null,
            'notes' => 'Ringed spots from the bottom up after the wet weeks.', 'conclusion' => '',
            'counts' => [[996, 34], [800, 30], [560, 17], [28, 15]],
            'rounds' => [
                ['recipe' => 'soda-leaf-spray', 'sprayer' => 'quart', 'make' => [32, '[foz_us]'], 'at' => 990, 'glass' => 'even', 'test' => [24, 'clean slight', 25], 'sprayed' => 964],
                ['recipe' => 'soda-and-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 745, 'glass' => 'even', 'sprayed' => 742, 'hand' => true, 'notes' => 'Spotted leaves stripped and binned first.'],
                ['recipe' => 'soda-and-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 200, 'glass' => 'ring', 'sprayed' => 199, 'notes' => 'Oil on top at the end; the last leaves look greasy.'],
            ],
        ],
        [
            'plant' => 'fuchsia', 'pest' => 'mealybugs', 'at' => 700, 'closed' => null,
            'notes' => 'White fluff in the joints.', 'conclusion' => '',
            'counts' => [[696, 26], [520, 14], [400, 6], [120, 4]],
            'rounds' => [
                ['recipe' => 'mint-oil-by-the-cup', 'sprayer' => 'quart', 'make' => [2, '[cup_us]'], 'at' => 690, 'glass' => 'even', 'test' => [48, 'marked dead', 30], 'notes' => 'Two teaspoons a cup, meant to be a quart.'],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 640, 'glass' => 'even', 'test' => [48, 'clean clean', 49], 'sprayed' => 634],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 500, 'glass' => 'even', 'sprayed' => 498],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 76, 'glass' => 'even', 'sprayed' => 74],
            ],
        ],
        [
            'plant' => 'lemon', 'pest' => 'spider-mites', 'at' => 500, 'closed' => null,
            'notes' => 'Pale stipple, fine web under the oldest leaves.', 'conclusion' => '',
            'counts' => [[496, 58], [496, 40, true], [400, 21], [400, 47, true], [240, 4], [240, 52, true]],
            'rounds' => [
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 492, 'glass' => 'even', 'test' => [48, 'clean clean', 50], 'sprayed' => 485, 'notes' => 'Web broken up with a brush.'],
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 320, 'glass' => 'even', 'sprayed' => 318],
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [0.5, '[gal_us]'], 'at' => 78, 'glass' => 'even', 'sprayed' => 77],
                ['recipe' => 'neem-by-the-gallon', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 172, 'glass' => 'layer', 'notes' => 'No soap in it: oil on top before the glass was full. Poured away.', 'discarded' => true],
            ],
        ],
        [
            'plant' => 'dahlia', 'pest' => 'spider-mites', 'at' => 75, 'closed' => null,
            'notes' => 'Specks on white paper after tapping.', 'conclusion' => '',
            'counts' => [[72, 31]],
            'rounds' => [['recipe' => 'mint-mask', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 52, 'glass' => 'even', 'test' => [48, null, null]]],
        ],
        [
            'plant' => 'hibiscus', 'pest' => 'whitefly', 'at' => 5, 'closed' => null,
            'notes' => 'A cloud when the pot is knocked.', 'conclusion' => '',
            'counts' => [[4, 45]],
            'rounds' => [['recipe' => 'neem-leaf-quart', 'sprayer' => 'can', 'make' => [1.5, '[gal_us]'], 'at' => 1, 'mixing' => true]],
        ],
    ],
];
