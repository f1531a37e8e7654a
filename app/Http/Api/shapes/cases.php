<?php

declare(strict_types=1);

use App\Http\Api\Corrects;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Evidence\Outcome;

/*
 * What is said of a case. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'NewCase' => [
        'submission' => 'uuid',
        'plantId' => 'integer',
        'pest' => 'string',
        'openedAt?' => 'date-time',
        'notes?' => 'string',
    ],
    'NewRound' => [
        'submission' => 'uuid',
        'batch' => 'uuid',
        'sprayedAt?' => 'date-time',
        'handWork?' => 'boolean',
        'rinsed?' => 'boolean',
        'notes?' => 'string',
        'override?' => ['type' => 'string', 'description' => 'Why it goes without proof: needed where the leaf tests do not allow it.'],
    ],
    'NewCount' => [
        'submission' => 'uuid',
        'countedAt?' => 'date-time',
        'value?' => 'number',
        'untreated?' => 'boolean',
        'notes?' => 'string',
        'each?' => [['oneOf' => [['type' => 'number'], ['enum' => ['none', '1-5', '6-20', '21-100', '100+']]]]],
        'stages?' => ['type' => 'object', 'additionalProperties' => ['type' => 'number']],
        'newClean?' => '?boolean',
        'helpers?' => '?boolean',
        'spots?' => 'string',
    ],
    'CloseCase' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'closed' => 'boolean',
        'conclusion?' => 'string',
    ],
    'CorrectedRound' => new Corrects('NewRound'),
    'CorrectedCount' => new Corrects('NewCount'),
    'Situation' => [
        'stage' => 'string',
        'severity' => '#Severity',
        'indoors?' => 'boolean',
        'cats?' => 'boolean',
        'hardnessMgL?' => '?number',
        'cupboard?' => ['type' => ['array', 'null'], 'items' => ['type' => 'string']],
        'bearsNoOil?' => 'boolean',
        'inBloom?' => 'boolean',
        'dryAtRoot?' => 'boolean',
        'seedling?' => 'boolean',
        'wounded?' => 'boolean',
        'eatenSoon?' => 'boolean',
        'soapSensitive?' => 'boolean',
        'sulfurLately?' => 'boolean',
        'copperLately?' => 'boolean',
        'oilLately?' => 'boolean',
    ],
    'Severity' => Severity::class,
    'Seen' => [
        'seen' => ['type' => 'object', 'additionalProperties' => ['type' => 'boolean']],
    ],
    'Outcome' => Outcome::class,
];
