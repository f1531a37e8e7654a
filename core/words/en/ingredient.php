<?php

declare(strict_types=1);

return [
    'ingredient-catalogue.usual-emulsifier' => 'usual emulsifier',
    'substance.neem' => 'neem oil',
    'substance.refined-oil' => 'refined oil',
    'substance.kitchen-oil' => 'kitchen oil',
    'substance.essential-oil' => 'essential oil',
    'substance.detergent' => 'dish detergent',
    'substance.non-ionic' => 'soap bark or polysorbate',
    'substance.alcohol' => 'pure {this}',
    'substance-group.essential' => 'essential oil',
    'substance-group.alcohol' => 'pure {this}',
    'unknown-ingredient.not-listed' => '“{slug}” is no known ingredient; known are {known}.',
];
