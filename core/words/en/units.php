<?php

declare(strict_types=1);

/*
 * Words for units, as people write them. `means` is what one of it is: [how many, UCUM code, words]. Where the word means
 * several things it is listed by whose kitchen; `any` says that no kitchen decides it, so that it has to be asked for.
 * `of_water` says what a kitchen means when it measures water in it, which nobody weighs. `vessel` marks what a rate is given by (per litre, a gallon).
 *
 * US and imperial measures: NIST Handbook 44, Appendix C, and UK units of measurement regulations, exact. British and metric
 * spoons 5 and 15 mL, Australian tablespoon 20 mL, metric cup 250 mL, imperial quart 40 imperial fl oz: standard kitchen measures,
 * written from memory. British cup: half an imperial pint, common practice, no source. Dessertspoon 10 mL: common practice, no source.
 */
$spoon = static fn(string $code, string $name, float $australian, string $australianUnit): array => [
    'us' => [1.0, "[{$code}_us]", "US {$name}"],
    'british' => [1.0, "[{$code}_m]", "British {$name}"],
    'australian' => [$australian, $australianUnit, "Australian {$name}"],
    'metric' => [1.0, "[{$code}_m]", "metric {$name}"],
];
$imperial = static fn(float $factor, string $unit, string $words): array => [$factor, $unit, $words];

return [
    // What a unit is called: by itself, of several, and where it is typed into a recipe.
    'named' => [
        '[tsp_us]' => ['one' => 'tsp', 'many' => 'tsp', 'typed' => 'US tsp'],
        '[tbs_us]' => ['one' => 'tbsp', 'many' => 'tbsp', 'typed' => 'US tbsp'],
        '[foz_us]' => ['one' => 'US fl oz', 'many' => 'US fl oz', 'typed' => 'US fl oz'],
        '[cup_us]' => ['one' => 'cup', 'many' => 'cups', 'typed' => 'US cup'],
        '[pt_us]' => ['one' => 'US pt', 'many' => 'US pt', 'typed' => 'US pint'],
        '[qt_us]' => ['one' => 'US qt', 'many' => 'US qt', 'typed' => 'US quart'],
        '[gal_us]' => ['one' => 'US gal', 'many' => 'US gal', 'typed' => 'US gallon'],
        '[foz_br]' => ['one' => 'imp fl oz', 'many' => 'imp fl oz', 'typed' => 'imperial fl oz'],
        '[pt_br]' => ['one' => 'imp pt', 'many' => 'imp pt', 'typed' => 'imperial pint'],
        '[gal_br]' => ['one' => 'imp gal', 'many' => 'imp gal', 'typed' => 'imperial gallon'],
        '[tsp_m]' => ['one' => 'metric tsp', 'many' => 'metric tsp', 'typed' => 'metric tsp'],
        '[tbs_m]' => ['one' => 'metric tbsp', 'many' => 'metric tbsp', 'typed' => 'metric tbsp'],
        '[drp]' => ['one' => 'drop', 'many' => 'drops', 'typed' => 'drops'],
        '[oz_av]' => ['one' => 'oz (weight)', 'many' => 'oz (weight)', 'typed' => 'oz by weight'],
        '1' => ['one' => 'piece', 'many' => 'pieces', 'typed' => '1'],
        'Cel' => ['one' => '°C', 'many' => '°C', 'typed' => 'Cel'],
        '[degF]' => ['one' => '°F', 'many' => '°F', 'typed' => '[degF]'],
        'mL' => ['one' => 'mL', 'many' => 'mL', 'typed' => 'mL'],
        'L' => ['one' => 'L', 'many' => 'L', 'typed' => 'L'],
        'g' => ['one' => 'g', 'many' => 'g', 'typed' => 'g'],
        'mg/L' => ['one' => 'mg/L', 'many' => 'mg/L', 'typed' => 'mg/L'],
    ],
    'said' => [
        ['words' => ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc', 'ccs', 'cm3', 'ccm', 'mil', 'mils'], 'means' => [1.0, 'mL', 'mL'], 'vessel' => false],
        ['words' => ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'], 'means' => [10.0, 'mL', 'cL'], 'vessel' => false],
        ['words' => ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'], 'means' => [100.0, 'mL', 'dL'], 'vessel' => false],
        ['words' => ['l', 'litre', 'litres', 'liter', 'liters', 'ltr', 'ltrs', 'lit', 'lits'], 'means' => [1.0, 'L', 'L'], 'vessel' => true],
        ['words' => ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'gm', 'gms'], 'means' => [1.0, 'g', 'g'], 'vessel' => false],
        ['words' => ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'], 'means' => [1000.0, 'g', 'kg'], 'vessel' => false],
        ['words' => ['mg', 'milligram', 'milligrams'], 'means' => [0.001, 'g', 'mg'], 'vessel' => false],
        ['words' => ['lb', 'lbs', 'pound', 'pounds'], 'means' => [16.0, '[oz_av]', 'lb'], 'vessel' => false],
        ['words' => ['drop', 'drops', 'drp'], 'means' => [1.0, '[drp]', 'drop'], 'vessel' => false],
        ['words' => ['dessertspoon', 'dessertspoons', 'dessert spoon', 'dessert spoons', 'dsp', 'dessertspoonful', 'dessertspoonfuls'], 'means' => [10.0, 'mL', 'dessertspoon'], 'vessel' => false],
        ['words' => ['tablespoon', 'tablespoons', 'tbsp', 'tbsps', 'tbs', 'tbl', 'tblsp', 'table spoon', 'table spoons', 'tablespoonful', 'tablespoonfuls', 'tablespoonsful', 'tblspn', 'tbspn', 'tbspns'], 'by_kitchen' => $spoon('tbs', 'tablespoon', 20.0, 'mL'), 'vessel' => false],
        ['words' => ['teaspoon', 'teaspoons', 'tsp', 'tsps', 'tea spoon', 'tea spoons', 'teaspoonful', 'teaspoonfuls', 'teaspoonsful', 'tspn', 'tspns'], 'by_kitchen' => $spoon('tsp', 'teaspoon', 1.0, '[tsp_m]'), 'vessel' => false],
        ['words' => ['oz by weight', 'ounces by weight', 'ounce by weight', 'oz weight', 'oz wt', 'weight oz'], 'means' => [1.0, '[oz_av]', 'oz by weight'], 'vessel' => false],
        ['words' => ['spoon', 'spoons', 'spoonful', 'spoonfuls', 't'], 'any' => [
            [1.0, '[tsp_us]', 'teaspoon'], [1.0, '[tbs_us]', 'tablespoon'],
        ], 'vessel' => false],
        ['words' => ['cup', 'cups', 'cupful', 'cupfuls', 'c'], 'by_kitchen' => [
            'us' => [1.0, '[cup_us]', 'US cup'],
            'british' => $imperial(0.5, '[pt_br]', 'British cup'),
            'australian' => [250.0, 'mL', 'metric cup'],
            'metric' => [250.0, 'mL', 'metric cup'],
        ], 'vessel' => true],
        ['words' => ['fl oz', 'fluid ounce', 'fluid ounces', 'fl ounce', 'fl ounces', 'floz', 'fluid oz'], 'by_kitchen' => [
            'us' => [1.0, '[foz_us]', 'US fl oz'],
            'british' => $imperial(1.0, '[foz_br]', 'imperial fl oz'),
            'australian' => $imperial(1.0, '[foz_br]', 'imperial fl oz'),
        ], 'vessel' => false],
        ['words' => ['oz', 'ounce', 'ounces', 'ozs'], 'of_water' => [
            'us' => [1.0, '[foz_us]', 'US fl oz'],
            'british' => $imperial(1.0, '[foz_br]', 'imperial fl oz'),
            'australian' => $imperial(1.0, '[foz_br]', 'imperial fl oz'),
        ], 'any' => [
            [1.0, '[foz_us]', 'US fl oz'], [1.0, '[foz_br]', 'imperial fl oz'], [1.0, '[oz_av]', 'oz by weight'],
        ], 'vessel' => false],
        ['words' => ['pint', 'pints', 'pt', 'pts'], 'by_kitchen' => [
            'us' => [1.0, '[pt_us]', 'US pint'],
            'british' => $imperial(1.0, '[pt_br]', 'imperial pint'),
            'australian' => $imperial(1.0, '[pt_br]', 'imperial pint'),
        ], 'vessel' => true],
        ['words' => ['quart', 'quarts', 'qt', 'qts', 'qrt', 'qrts'], 'by_kitchen' => [
            'us' => [1.0, '[qt_us]', 'US quart'],
            'british' => $imperial(2.0, '[pt_br]', 'imperial quart'),
            'australian' => $imperial(2.0, '[pt_br]', 'imperial quart'),
        ], 'vessel' => true],
        ['words' => ['gallon', 'gallons', 'gal', 'gals'], 'by_kitchen' => [
            'us' => [1.0, '[gal_us]', 'US gallon'],
            'british' => $imperial(1.0, '[gal_br]', 'imperial gallon'),
            'australian' => $imperial(1.0, '[gal_br]', 'imperial gallon'),
        ], 'vessel' => true],
    ],
];
