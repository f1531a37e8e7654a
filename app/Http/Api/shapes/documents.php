<?php

declare(strict_types=1);

use App\Http\Input\WaitingInput;
use App\Http\WaitingCalls;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Weather\Exposure;

/*
 * Documents and pieces that many calls share. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'Error' => [
        'error' => [
            'path' => 'string',
            'message' => 'string',
        ],
    ],
    'Conflict' => [
        'error' => [
            'path' => 'string',
            'message' => 'string',
        ],
        'conflict' => [
            'kind' => 'string',
            'id' => 'integer',
            'key' => 'string',
            'version' => ['type' => 'integer', 'minimum' => 0],
            'fields' => [['name' => 'string', 'saved' => 'string', 'sent' => 'string']],
        ],
    ],
    'Waiting' => [
        'entries' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WaitingInput::MOST, 'items' => [
            'type' => 'object',
            'required' => ['method', 'path', 'headers', 'body'],
            'properties' => [
                'method' => ['enum' => ['POST', 'PUT']],
                'path' => ['type' => 'string', 'description' => 'An address of this API that writes.'],
                'headers' => ['type' => 'object', 'properties' => array_fill_keys(WaitingCalls::HEADERS, ['type' => 'string']), 'additionalProperties' => false],
                'body' => ['type' => 'object', 'description' => 'What it would have sent by itself.', 'additionalProperties' => true],
            ],
            'additionalProperties' => false,
        ]],
    ],
    'RecipeDocument' => ['$ref' => 'schemas/recipe.schema.json'],
    'MethodDocument' => ['$ref' => 'schemas/recipe.schema.json#/$defs/method'],
    'PlanRequest' => ['$ref' => 'schemas/plan-request.schema.json'],
    'Plan' => ['$ref' => 'schemas/plan.schema.json'],
    'GateRequest' => ['$ref' => 'schemas/gate-request.schema.json'],
    'GateDocument' => ['$ref' => 'schemas/gate.schema.json'],
    'Verdict' => ['$ref' => 'schemas/plan.schema.json#/$defs/verdict'],
    'Level' => Level::class,
    'BatchDocument' => ['$ref' => 'schemas/batch.schema.json'],
    'AmountOrMass' => [
        'amount' => ['type' => 'number', 'exclusiveMinimum' => 0],
        'unit' => Unit::class,
    ],
    'Place' => [
        'latitude' => ['type' => 'number', 'minimum' => -90, 'maximum' => 90],
        'longitude' => ['type' => 'number', 'minimum' => -180, 'maximum' => 180],
        'zone' => 'string',
    ],
    'Exposure' => Exposure::class,
    'Lights' => [
        'on' => ['type' => 'string', 'pattern' => '^([01][0-9]|2[0-3]):[0-5][0-9]$'],
        'off' => ['type' => 'string', 'pattern' => '^([01][0-9]|2[0-3]):[0-5][0-9]$'],
    ],
];
