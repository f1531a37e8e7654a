<?php

declare(strict_types=1);

/*
 * A season at Fennel Row in Little Orrery: place, people, plants and counts are all made up.
 * Times are hours before the demo is written; a batch is mixed at `at`, the rest counts from there.
 */
return [
    // Degrees, zone, and °C indoors: a place that nobody lives at.
    'garden' => [47.3, 9.9, 'Europe/Vienna', 21.0],
    'plants' => [
        'dahlia' => ['Dahlia by the gate', 'ordinary-leaf', 'Gate bed', 'Dahlia', 'full-sun', false],
        'lemon' => ['Lemon in the tub', 'tough-leaf', 'South step', 'Lemon', 'full-sun', false],
        'fuchsia' => ['Fuchsia basket', 'tender-leaf', 'Porch', 'Fuchsia', 'half-shade', false],
        'rose' => ['Climbing rose', 'ordinary-leaf', 'West wall', 'Rose', 'half-shade', false],
        'nasturtium' => ['Nasturtium row', 'ordinary-leaf', 'Path edge', 'Nasturtium', 'shade', false],
        'hibiscus' => ['Hibiscus', 'ordinary-leaf', 'Glasshouse', 'Hibiscus', 'full-sun', true],
        'lilac' => ['Lilac, bare in winter', 'dormant-wood', 'Back fence', 'Lilac', 'full-sun', false],
        'lambsear' => ['Lamb’s ear edging', 'hairy-leaf', 'Gate bed', 'Lamb’s ear', 'full-sun', false],
        'bay' => ['Sweet bay', 'tough-leaf', 'South step', 'Bay', 'full-sun', false],
        'bed' => ['Empty salad bed', 'empty-bed', 'Behind the shed', '', 'full-sun', false],
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
            'plant' => 'lilac', 'pest' => 'scale', 'at' => 6200, 'closed' => 4600,
            'notes' => 'Grey domes along the two old stems.', 'conclusion' => 'Hardly any living domes when the leaves came out.',
            'counts' => [[6190, 64], [4700, 7]],
            'rounds' => [['recipe' => 'winter-wood-oil', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 6180, 'glass' => 'even', 'sprayed' => 6179, 'hand' => true, 'notes' => 'Loose bark brushed off first.']],
        ],
        [
            'plant' => 'dahlia', 'pest' => 'aphids', 'at' => 1500, 'closed' => 1100,
            'notes' => 'Ants on the stems, tips curled.', 'conclusion' => 'Clean for three weeks, new tips healthy.',
            'counts' => [[1496, 120], [1496, 110, true], [1424, 22], [1424, 125, true], [1366, 3], [1366, 140, true], [1200, 0]],
            'rounds' => [
                ['recipe' => 'castile-and-kitchen-oil', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1492, 'glass' => 'even', 'test' => [24, [0.0, 0.0, 0.0], 25], 'sprayed' => 1466, 'hand' => true, 'notes' => 'Water jet first.'],
                ['recipe' => 'castile-and-kitchen-oil', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1418, 'glass' => 'even', 'sprayed' => 1417],
            ],
        ],
        [
            'plant' => 'nasturtium', 'pest' => 'aphids', 'at' => 900, 'closed' => 560,
            'notes' => 'Black aphids under the round leaves.', 'conclusion' => 'Gone after two rounds of the kitchen oil.',
            'counts' => [[898, 80], [864, 66], [812, 70], [756, 12], [690, 1]],
            'rounds' => [
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 890, 'glass' => 'not-done', 'sprayed' => 889],
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 836, 'glass' => 'even', 'test' => [24, [0.0, 0.0, 0.0], 26], 'sprayed' => 808],
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 745, 'glass' => 'even', 'sprayed' => 744],
            ],
        ],
        [
            'plant' => 'rose', 'pest' => 'black-spot', 'at' => 1000, 'closed' => null,
            'notes' => 'Ringed spots from the bottom up after the wet weeks.', 'conclusion' => '',
            'counts' => [[996, 34], [800, 30], [560, 17], [28, 15]],
            'rounds' => [
                ['recipe' => 'soda-leaf-spray', 'sprayer' => 'quart', 'make' => [32, '[foz_us]'], 'at' => 990, 'glass' => 'even', 'test' => [24, [0.0, 3.0, 1.0], 25], 'sprayed' => 964, 'override' => 'One leaf of three, three spots: the mildew was worse.'],
                ['recipe' => 'soda-and-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 745, 'glass' => 'even', 'sprayed' => 742, 'hand' => true, 'notes' => 'Spotted leaves stripped and binned first.'],
                ['recipe' => 'soda-and-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 200, 'glass' => 'ring', 'sprayed' => 199, 'notes' => 'Oil on top at the end; the last leaves look greasy.'],
            ],
        ],
        [
            'plant' => 'fuchsia', 'pest' => 'mealybugs', 'at' => 700, 'closed' => null,
            'notes' => 'White fluff in the joints.', 'conclusion' => '',
            'counts' => [[696, 46], [646, 44], [505, 24], [340, 11], [78, 12]],
            'rounds' => [
                ['recipe' => 'mint-oil-by-the-cup', 'sprayer' => 'quart', 'make' => [2, '[cup_us]'], 'at' => 690, 'glass' => 'even', 'test' => [48, [20.0, 85.0, 40.0], 30], 'notes' => 'Two teaspoons a cup, meant to be a quart.'],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 640, 'glass' => 'even', 'test' => [48, [0.0, 0.0, 0.0], 49], 'sprayed' => 634],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 500, 'glass' => 'even', 'sprayed' => 498],
                ['recipe' => 'gentle-neem', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 76, 'glass' => 'even', 'sprayed' => 74],
            ],
        ],
        [
            'plant' => 'lemon', 'pest' => 'spider-mites', 'at' => 500, 'closed' => null,
            'notes' => 'Pale stipple, fine web under the oldest leaves.', 'conclusion' => '',
            'counts' => [[496, 58], [496, 40, true], [326, 21], [326, 47, true], [150, 11], [150, 52, true]],
            'rounds' => [
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 492, 'glass' => 'even', 'test' => [48, [0.0, 0.0, 0.0], 50], 'sprayed' => 485, 'notes' => 'Web broken up with a brush.'],
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
        // Seasons before this one: told late, so that the cases above keep their numbers.
        [
            'plant' => 'rose', 'pest' => 'aphids', 'at' => 3000, 'closed' => 2600,
            'notes' => 'Green ones on every bud.', 'conclusion' => 'Buds opened clean.',
            'counts' => [[2996, [14, 8, 3, 11, 9, 17, 6, 5, 12, 5]], [2996, 80, true], [2970, [1, 0, 2, 0, 3, 1, 0, 0, 2, 0]], [2970, 85, true], [2830, 34], [2806, 4], [2806, 90, true], [2700, 0]],
            'rounds' => [
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 2995, 'glass' => 'even', 'test' => [24, [0.0, 0.0, 0.0], 25], 'sprayed' => 2994],
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 2829, 'glass' => 'even', 'sprayed' => 2828],
            ],
        ],
        [
            'plant' => 'dahlia', 'pest' => 'aphids', 'at' => 3600, 'closed' => 3300,
            'notes' => 'First ones of the year.', 'conclusion' => 'Gone before the buds.',
            'counts' => [[3596, 140], [3572, 12], [3430, 40], [3404, 3], [3350, 0]],
            'rounds' => [
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 3595, 'glass' => 'even', 'sprayed' => 3594, 'hand' => true, 'notes' => 'Hosed down first.'],
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 3429, 'glass' => 'even', 'sprayed' => 3428],
            ],
        ],
        [
            'plant' => 'fuchsia', 'pest' => 'aphids', 'at' => 2400, 'closed' => 2100,
            'notes' => 'In the hanging tips.', 'conclusion' => 'Two rounds did it.',
            'counts' => [[2396, 60], [2345, 8], [2200, 22], [2150, 2]],
            'rounds' => [
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 2395, 'glass' => 'even', 'sprayed' => 2394],
                ['recipe' => 'kitchen-oil-by-the-quart', 'sprayer' => 'quart', 'make' => [1, '[qt_us]'], 'at' => 2199, 'glass' => 'ring', 'sprayed' => 2198],
            ],
        ],
        [
            'plant' => 'nasturtium', 'pest' => 'aphids', 'at' => 3200, 'closed' => 3000,
            'notes' => 'To see whether mint keeps them off.', 'conclusion' => 'It does not.',
            'counts' => [[3196, 70], [3172, 66], [3100, 80], [3076, 71], [3050, 90], [3026, 85]],
            'rounds' => [
                ['recipe' => 'mint-mask', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 3195, 'glass' => 'even', 'sprayed' => 3194],
                ['recipe' => 'mint-mask', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 3099, 'glass' => 'even', 'sprayed' => 3098],
                ['recipe' => 'mint-mask', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 3049, 'glass' => 'even', 'sprayed' => 3048],
            ],
        ],
        [
            'plant' => 'lemon', 'pest' => 'spider-mites', 'at' => 2800, 'closed' => 2200,
            'notes' => 'After the hot week.', 'conclusion' => 'No more stipple on new leaves.',
            'counts' => [[2796, 64], [2796, 50, true], [2625, 26], [2625, 70, true], [2455, 14], [2455, 75, true], [2285, 3], [2285, 71, true]],
            'rounds' => [
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 2795, 'glass' => 'even', 'sprayed' => 2794],
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 2624, 'glass' => 'even', 'sprayed' => 2623],
                ['recipe' => 'true-neem-emulsion', 'sprayer' => 'can', 'make' => [1, '[gal_us]'], 'at' => 2454, 'glass' => 'even', 'sprayed' => 2453],
            ],
        ],
        [
            'plant' => 'hibiscus', 'pest' => 'whitefly', 'at' => 2000, 'closed' => 1700,
            'notes' => 'Undersides of the middle leaves.', 'conclusion' => 'A few left in autumn, gone in winter.',
            'counts' => [[1996, 55], [1973, 9], [1875, 24], [1852, 4], [1760, 12], [1735, 1]],
            'rounds' => [
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1995, 'glass' => 'even', 'sprayed' => 1994],
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1874, 'glass' => 'even', 'sprayed' => 1873],
                ['recipe' => 'plain-soap', 'sprayer' => 'hand', 'make' => [1, 'L'], 'at' => 1759, 'glass' => 'even', 'sprayed' => 1758],
            ],
        ],
    ],
];
