<?php

declare(strict_types=1);

return [
    'recipe-reader.only-version-of-recipe-documents' => 'Only versions {version} and {method} of recipe documents are read, found {found}.',
    'recipe-reader.mixing-order' => 'mixing order',
    'recipe-reader.method-stands-in-version' => 'How a recipe is used stands in documents of version {version}; this one says it is older.',
    'recipe-reader.slug-small-letters-and-digits' => 'A slug is small letters and digits joined by single hyphens, like “lemon-tub-neem”; found {found}.',
    'recipe-reader.stock-has-no-water-so' => 'A stock has no water, so it has no basis: leave it out.',
    'recipe-reader.line-of-ingredient-or-of' => 'A line is of an ingredient or of a stock, not of both.',
    'recipe-reader.stock-has-no-bottle-strength' => 'A stock has no bottle strength: state it on the lines of the stock.',
    'recipe-reader.stocks-may-be-nested-deep' => 'Stocks may be nested {max-stock-depth} deep, not deeper.',
    'recipe-reader.what-line-takes-as-stock' => 'What a line takes as a stock must have the use “stock”, found {found}.',
    'recipe-reader.bottle-strength-stated-for-alcohol' => 'A bottle strength is stated for alcohol and peroxide only, not for {name}.',
    'recipe-reader.top-of-range-may-not' => 'The top of a range may not be below its amount ({amount}), found {found}.',
    'unknown-recipe.not-shipped' => '“{short}” is no shipped recipe; shipped are {known}.',
];
