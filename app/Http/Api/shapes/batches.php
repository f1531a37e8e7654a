<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BottleLineKind;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Work\StandTest;

/*
 * What is said of batches. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'NewBatch' => [
        'submission' => 'uuid',
        'bench' => '#Bench',
        'sprayerId?' => '?integer',
        'plantId?' => '?integer',
        'caseId?' => '?integer',
        'courseId?' => '?integer',
        'stockBatchId?' => ['type' => ['integer', 'null'], 'description' => 'The jar of a stock that it is poured from.'],
        'forLeafTest?' => 'boolean',
    ],
    'FinishBatch' => [
        'standTest' => StandTest::class,
        'keeping?' => Keeping::class,
        'madeAt?' => 'date-time',
        'notes?' => 'string',
        'rest?' => ['enum' => ['kept', 'used-up', 'poured-away']],
        'load?' => ['type' => ['integer', 'null'], 'minimum' => 1, 'description' => 'Up to which load it is mixed; all of them where none is said.'],
    ],
    'NewBottleLine' => [
        'submission' => 'uuid',
        'kind' => ['enum' => array_column(BottleLineKind::told(), 'value')],
        'load?' => ['type' => 'integer', 'minimum' => 1, 'description' => 'The load in hand where none is said.'],
        'ingredient?' => ['type' => 'string', 'description' => 'What was added, or taken in the place of `item`.'],
        'amount?' => ['$ref' => '#/components/schemas/Amount'],
        'strength?' => ['type' => 'number', 'description' => 'Percent on its bottle.'],
        'share?' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 1, 'description' => 'Of what stood there, that was spilled.'],
        'toMark?' => ['type' => 'boolean', 'description' => 'Whether it was filled up to the mark with water.'],
        'item?' => ['type' => 'string', 'description' => 'Key of the thing of the load that something else was taken for.'],
        'restOf?' => ['type' => 'string', 'format' => 'uuid', 'description' => 'The batch whose rest it was filled onto.'],
    ],
    'CorrectedBatch' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'madeAt' => 'date-time',
        'keeping' => Keeping::class,
        'standTest' => StandTest::class,
        'notes' => ['type' => 'string', 'maxLength' => 4000],
    ],
    'Actual' => [
        'finished_mL' => ['type' => 'number', 'minimum' => 0],
        'water_mL' => ['type' => 'number', 'minimum' => 0],
        'lines' => ['type' => 'array', 'items' => ['type' => 'object', 'required' => ['ingredient', 'name', 'mL', 'g'], 'properties' => ['ingredient' => ['type' => 'string'], 'name' => ['type' => 'string'], 'mL' => ['type' => 'number', 'minimum' => 0], 'g' => ['type' => 'number', 'minimum' => 0]], 'additionalProperties' => false]],
        'strength' => ['$ref' => 'schemas/plan.schema.json#/$defs/strength'],
        'spoken' => ['type' => 'array', 'items' => ['type' => 'string']],
        'sure' => 'boolean',
        'ticked' => 'integer',
        'planned' => 'integer',
        'composition' => ['type' => 'array', 'items' => ['type' => 'object', 'required' => ['ingredient', 'name', 'substance', 'low', 'high'], 'properties' => ['ingredient' => ['type' => 'string'], 'name' => ['type' => 'string'], 'substance' => ['type' => 'string'], 'low' => ['type' => 'number', 'minimum' => 0], 'high' => ['type' => 'number', 'minimum' => 0]], 'additionalProperties' => false]],
    ],
];
