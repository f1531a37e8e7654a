<?php

declare(strict_types=1);

use App\Declared\Kept\Plants;
use App\Declared\Kept\ShelfBottles;
use App\Http\Answer\AmountAnswer;
use App\Http\Answer\HabitsAnswer;
use App\Http\Api\Corrects;
use App\Http\Api\Enters;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Vessel\SprayerShape;

/*
 * What stands in the shed, and what grows. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'NewPlant' => new Enters(Plants::class),
    'CorrectedPlant' => new Corrects('NewPlant'),
    'NewVessel' => [
        'submission' => 'uuid',
        'name' => 'string',
        'holds' => AmountAnswer::class,
        'shape?' => SprayerShape::class,
    ],
    'NewMeasure' => [
        'submission' => 'uuid',
        'name' => 'string',
        'holds' => [
            'amount' => ['type' => 'number', 'exclusiveMinimum' => 0],
            'unit' => 'string',
        ],
        'kind?' => ['enum' => ['level', 'marked', 'dropper', 'scale']],
        'step?' => ['type' => 'number', 'exclusiveMinimum' => 0],
    ],
    'CorrectedMeasure' => new Corrects('NewMeasure'),
    'NewShelfBottle' => new Enters(ShelfBottles::class),
    'CorrectedShelfBottle' => new Corrects('NewShelfBottle'),
    'SprayerDetails' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'name?' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 200],
        'holds?' => AmountAnswer::class,
        'largestFill?' => '?' . AmountAnswer::class,
        'leftBehind?' => '?' . AmountAnswer::class,
        'pours' => ['type' => 'array', 'maxItems' => 40, 'items' => ['$ref' => '#/components/schemas/Pour']],
        'shape?' => SprayerShape::class,
    ],
    'NewFreeDays' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'weekdays?' => ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 7], 'description' => '1 for Monday to 7 for Sunday; none is every day.'],
        'away?' => [['from' => 'date', 'until' => 'date']],
    ],
    'NewHousehold' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'kitchen' => '?' . Kitchen::class,
        'byEye' => ['type' => 'object', 'additionalProperties' => ['type' => ['number', 'null'], 'exclusiveMinimum' => 0]],
        'writes?' => '?' . HabitsAnswer::class,
    ],
];
