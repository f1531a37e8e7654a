<?php

declare(strict_types=1);

use App\Http\Answer\AmountAnswer;
use App\Http\Answer\GateAnswer;
use IdleMixer\Core\Plan\MendingKind;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;

/*
 * What is asked of the bench. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'Bench' => [
        'request' => '#PlanRequest',
        'measures?' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 60, 'description' => 'What there is to measure with, by name; then the request names none.', 'items' => ['type' => 'object', 'required' => ['amount', 'unit'], 'properties' => ['amount' => ['type' => 'number', 'exclusiveMinimum' => 0], 'unit' => ['$ref' => '#/components/schemas/Amount/properties/unit'], 'name' => ['type' => 'string', 'maxLength' => 100]], 'additionalProperties' => false]],
        'scale?' => ['type' => ['number', 'null'], 'exclusiveMinimum' => 0, 'maximum' => 100, 'description' => 'One step of the kitchen scale at hand, in g.'],
        'hand?' => ['type' => 'number', 'minimum' => 0.05, 'maximum' => 20, 'description' => 'How much coarser than usual the one at the bench mixes.'],
        'agitation?' => ['enum' => ['stir', 'hand-shake', 'brisk-shake', 'whisk', 'blender'], 'description' => 'How hard the mix is worked; a shake by hand when left out.'],
        'pickedInDays?' => ['type' => ['number', 'null'], 'minimum' => 0, 'maximum' => 3660],
        'plantId?' => ['type' => 'integer', 'minimum' => 1],
        'stockReady?' => ['type' => 'boolean', 'description' => 'Whether the stock that is poured from stands ready in its jar.'],
    ],
    'BenchPlan' => [
        'plan' => '#Plan',
        'mending' => '?#Mending',
        'easier' => [
            'or' => [['key' => 'string', 'words' => 'string']],
            'make' => '?' . AmountAnswer::class,
            'makeWords' => 'string',
            'spoon' => 'string',
        ],
        'gate' => GateAnswer::class,
    ],
    'Mending' => [
        'about' => 'string',
        'kind' => MendingKind::class,
        'words' => 'string',
        'recipe' => '?#RecipeDocument',
        'make' => '?' . AmountAnswer::class,
        'highEnd' => '?boolean',
        'factor' => '?number',
        'hardness' => '?number',
        'everyDays' => '?number',
    ],
    'Kit' => ['type' => 'array', 'description' => 'What a plan is asked for with, at most 60 fills.', 'items' => ['type' => 'object', 'required' => ['amount', 'unit', 'name', 'words'], 'properties' => ['amount' => ['type' => 'number', 'exclusiveMinimum' => 0], 'unit' => ['$ref' => '#/components/schemas/Amount/properties/unit'], 'words' => ['type' => 'string'], 'name' => ['type' => 'string']], 'additionalProperties' => false]],
    'Needing' => [
        'plants?' => [['size' => 'string', 'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000]]],
        'last?' => ['type' => ['object', 'null'], 'required' => ['used', 'plants', 'now'], 'properties' => ['used' => ['$ref' => '#/components/schemas/Amount'], 'plants' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000], 'now' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000]], 'additionalProperties' => false],
        'trial?' => ['type' => ['object', 'null'], 'required' => ['used', 'plants', 'now'], 'properties' => ['used' => ['$ref' => '#/components/schemas/Amount'], 'plants' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000], 'now' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000]], 'additionalProperties' => false],
        'beds?' => [['length' => ['type' => 'number', 'exclusiveMinimum' => 0], 'width' => ['type' => 'number', 'exclusiveMinimum' => 0], 'depth' => ['type' => 'number', 'exclusiveMinimum' => 0], 'measuredIn' => ['description' => 'Length and width in m and depth in cm, or in ft and in.', 'enum' => ['m', 'ft']], 'dryness' => 'string']],
        'pots?' => [['holds' => AmountAnswer::class, 'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 10000], 'dryness' => 'string']],
        'leftBehind?' => '?' . AmountAnswer::class,
        'sprayer?' => '?' . AmountAnswer::class,
        'unit' => ['$ref' => '#/components/schemas/Amount/properties/unit'],
    ],
    'Composing' => [
        'name' => 'string',
        'slug?' => '?string',
        'use' => RecipeUse::class,
        'order' => MixingOrder::class,
        'notes' => 'string',
        'lines' => ['string'],
        'from?' => '?string',
    ],
    'Comparing' => [
        'recipes' => ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => ['anyOf' => [['type' => 'string'], ['$ref' => '#/components/schemas/RecipeDocument']]]],
        'make' => AmountAnswer::class,
    ],
    'Slipped' => [
        'request' => '#PlanRequest',
        'load' => ['type' => 'integer', 'minimum' => 1],
        'slips' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 10, 'items' => ['$ref' => '#/components/schemas/Slip']],
        'room?' => AmountAnswer::class,
    ],
    'Slip' => [
        'kind' => ['enum' => ['count', 'ran-out', 'left-out', 'measure', 'water']],
        'item?' => ['type' => 'string', 'description' => 'Key of the thing in the load.'],
        'scoop?' => ['type' => 'integer', 'minimum' => 0],
        'from?' => ['type' => 'number', 'minimum' => 0],
        'to?' => ['type' => 'number', 'minimum' => 0],
        'measure?' => AmountAnswer::class,
        'water?' => AmountAnswer::class,
        'said?' => ['type' => 'string', 'description' => 'How many went in, as it is said, in place of from and to: “about two too many”.'],
    ],
    'PlantNow' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'dry?' => '?boolean',
        'stage?' => ['enum' => [...array_column(Stage::cases(), 'value'), null]],
    ],
    'Retired' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'retired' => 'boolean',
    ],
];
