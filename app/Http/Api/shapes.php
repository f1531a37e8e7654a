<?php

declare(strict_types=1);

use App\Declared\Kept\Plants;
use App\Http\Answer\AmountAnswer;
use App\Http\Api\Corrects;
use App\Http\Api\Enters;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Leaf\MeanwhileWeather;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Plan\MendingKind;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Vessel\SprayerShape;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Work\StandTest;

/*
 * What is sent, where a call wants something particular, and documents that have a schema of their own: the shape of each by its name. A key that
 * ends in a question mark may be left out.
 */
return [
    'Error' => [
        'error' => [
            'path' => 'string',
            'message' => 'string',
        ],
    ],
    'RecipeDocument' => ['$ref' => 'schemas/recipe.schema.json'],
    'PlanRequest' => ['$ref' => 'schemas/plan-request.schema.json'],
    'Plan' => ['$ref' => 'schemas/plan.schema.json'],
    'Verdict' => ['$ref' => 'schemas/plan.schema.json#/$defs/verdict'],
    'Level' => Level::class,
    'NewPlant' => new Enters(Plants::class),
    'NewVessel' => [
        'submission' => 'uuid',
        'name' => 'string',
        'holds' => AmountAnswer::class,
        'shape?' => SprayerShape::class,
    ],
    'Retired' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'retired' => 'boolean',
    ],
    'NewBatch' => [
        'submission' => 'uuid',
        'bench' => '#Bench',
        'sprayerId?' => '?integer',
        'plantId?' => '?integer',
        'caseId?' => '?integer',
        'stockBatchId?' => ['type' => ['integer', 'null'], 'description' => 'The jar of a stock that it is poured from.'],
        'forLeafTest?' => 'boolean',
    ],
    'FinishBatch' => [
        'standTest' => StandTest::class,
        'keeping?' => Keeping::class,
        'madeAt?' => 'date-time',
        'notes?' => 'string',
        'rest?' => ['enum' => ['kept', 'used-up', 'poured-away']],
    ],
    'NewLeafTest' => [
        'submission' => 'uuid',
        'batchId' => 'integer',
        'plantId' => 'integer',
        'leaves?' => 'integer',
        'waitHours?' => ['enum' => [24, 48, 72]],
        'appliedAt?' => 'date-time',
        'rungs?' => ['number'],
        'controls?' => 'boolean',
        'shape?' => '#LeafShape',
        'marks?' => 'string',
    ],
    'NewReading' => [
        'submission' => 'uuid',
        'readAt?' => 'date-time',
        'notes?' => 'string',
        'leaves' => ['#GivenLeaf'],
        'weather?' => ['#Meanwhile'],
        'correctedByEye?' => 'boolean',
    ],
    'Outcome' => Outcome::class,
    'Severity' => Severity::class,
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
    'Seen' => [
        'seen' => ['type' => 'object', 'additionalProperties' => ['type' => 'boolean']],
    ],
    'NewCase' => [
        'submission' => 'uuid',
        'plantId' => 'integer',
        'pest' => 'string',
        'openedAt?' => 'date-time',
        'notes?' => 'string',
    ],
    'NewRound' => [
        'submission' => 'uuid',
        'batchId' => 'integer',
        'sprayedAt?' => 'date-time',
        'handWork?' => 'boolean',
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
    'Worked' => [
        'records' => [['pest' => 'string', 'pestName' => 'string', 'recipe' => ['slug' => 'string', 'name' => 'string'], 'rounds' => 'integer', 'judged' => 'integer', 'worked' => 'integer', 'compared' => 'integer', 'withHandWork' => 'integer', 'leafTests' => 'integer', 'marked' => 'integer', 'medianReductionPercent' => '?number', 'lowPercent' => '?number', 'highPercent' => '?number', 'outcomes' => ['#Outcome'], 'because' => ['string'], 'strength' => ['string'], 'verdict' => RecordVerdict::class, 'verdictWords' => 'string', 'lastBatch' => 'integer', 'family' => 'string', 'cases' => 'integer', 'closed' => 'integer', 'burntAfter' => 'integer', 'effectPercent' => '?number', 'effectLow' => '?number', 'effectHigh' => '?number', 'effect' => ['type' => 'string', 'description' => 'What it leaves, in words, and between what; empty where nothing is judged.'], 'shrunkPercent' => 'number', 'roundsNeeded' => '?number', 'litresPerCase' => '?number', 'minutesPerCase' => '?number', 'reason' => 'string', 'wentWith' => ['string'], 'lastPlant' => 'string', 'sure' => Sureness::class]],
        'untried' => [['pest' => 'string', 'family' => 'string', 'expectedPercent' => 'number']],
        'more' => 'boolean',
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
    'NewHousehold' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'kitchen' => '?' . Kitchen::class,
        'byEye' => ['type' => 'object', 'additionalProperties' => ['type' => ['number', 'null'], 'exclusiveMinimum' => 0]],
    ],
    'Slipped' => [
        'request' => '#PlanRequest',
        'load' => ['type' => 'integer', 'minimum' => 1],
        'slips' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 10, 'items' => ['$ref' => '#/components/schemas/Slip']],
        'room?' => AmountAnswer::class,
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
    'SprayerDetails' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'name?' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 200],
        'holds?' => AmountAnswer::class,
        'largestFill?' => '?' . AmountAnswer::class,
        'leftBehind?' => '?' . AmountAnswer::class,
        'pours' => ['type' => 'array', 'maxItems' => 40, 'items' => ['$ref' => '#/components/schemas/Pour']],
        'shape?' => SprayerShape::class,
    ],
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
    'Kit' => ['type' => 'array', 'description' => 'What a plan is asked for with, at most 60 fills.', 'items' => ['type' => 'object', 'required' => ['amount', 'unit', 'name', 'words'], 'properties' => ['amount' => ['type' => 'number', 'exclusiveMinimum' => 0], 'unit' => ['$ref' => '#/components/schemas/Amount/properties/unit'], 'words' => ['type' => 'string'], 'name' => ['type' => 'string']], 'additionalProperties' => false]],
    'Bench' => [
        'request' => '#PlanRequest',
        'measures?' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 60, 'description' => 'What there is to measure with, by name; then the request names none.', 'items' => ['type' => 'object', 'required' => ['amount', 'unit'], 'properties' => ['amount' => ['type' => 'number', 'exclusiveMinimum' => 0], 'unit' => ['$ref' => '#/components/schemas/Amount/properties/unit'], 'name' => ['type' => 'string', 'maxLength' => 100]], 'additionalProperties' => false]],
        'scale?' => ['type' => ['number', 'null'], 'exclusiveMinimum' => 0, 'maximum' => 100, 'description' => 'One step of the kitchen scale at hand, in g.'],
        'hand?' => ['type' => 'number', 'minimum' => 0.05, 'maximum' => 20, 'description' => 'How much coarser than usual the one at the bench mixes.'],
        'agitation?' => ['enum' => ['stir', 'hand-shake', 'brisk-shake', 'whisk', 'blender'], 'description' => 'How hard the mix is worked; a shake by hand when left out.'],
        'pickedInDays?' => ['type' => ['number', 'null'], 'minimum' => 0, 'maximum' => 3660],
        'stockReady?' => ['type' => 'boolean', 'description' => 'Whether the stock that is poured from stands ready in its jar.'],
    ],
    'CorrectedPlant' => new Corrects('NewPlant'),
    'CorrectedMeasure' => new Corrects('NewMeasure'),
    'CorrectedRound' => new Corrects('NewRound'),
    'CorrectedCount' => new Corrects('NewCount'),
    'CorrectedReading' => new Corrects('NewReading'),
    'CorrectedLeafTest' => new Corrects('NewLeafTest'),
    'CorrectedBatch' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'madeAt' => 'date-time',
        'keeping' => Keeping::class,
        'standTest' => StandTest::class,
        'notes' => ['type' => 'string', 'maxLength' => 4000],
    ],
    'BatchDocument' => ['$ref' => 'schemas/batch.schema.json'],
    'Conflict' => [
        'error' => [
            'path' => 'string',
            'message' => 'string',
        ],
        'conflict' => [
            'kind' => 'string',
            'id' => 'integer',
            'version' => ['type' => 'integer', 'minimum' => 0],
            'fields' => [['name' => 'string', 'saved' => 'string', 'sent' => 'string']],
        ],
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
    'BenchPlan' => [
        'plan' => '#Plan',
        'mending' => '?#Mending',
        'easier' => [
            'or' => [['key' => 'string', 'words' => 'string']],
            'make' => '?' . AmountAnswer::class,
            'makeWords' => 'string',
            'spoon' => 'string',
        ],
    ],
    'InjuryKind' => InjuryKind::class,
    'LeafShape' => LeafShape::class,
    'GivenLeaf' => [
        'leaf' => 'integer',
        'share' => ['type' => 'number', 'minimum' => 0, 'maximum' => 100],
        'low?' => ['type' => 'number', 'minimum' => 0, 'maximum' => 100],
        'high?' => ['type' => 'number', 'minimum' => 0, 'maximum' => 100],
        'kinds?' => ['#InjuryKind'],
        'lost?' => 'boolean',
        'from?' => ['enum' => ['eye', 'photo', 'word']],
        'spots?' => [['x' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1], 'y' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1], 'kind' => '#InjuryKind']],
    ],
    'Meanwhile' => MeanwhileWeather::class,
    'BurnCause' => BurnCause::class,
    'NewBurn' => [
        'submission' => 'uuid',
        'seenAt?' => 'date-time',
        'share' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 100],
        'kinds?' => ['#InjuryKind'],
        'special?' => ['#BurnCause'],
        'notes?' => 'string',
    ],
    'CorrectedBurn' => new Corrects('NewBurn'),
    'PhotoReading' => [
        'strictness?' => ['type' => 'number', 'minimum' => -1, 'maximum' => 1],
        'leaveOut?' => [['x' => 'number', 'y' => 'number', 'radius' => 'number']],
        'healthy?' => [['x' => 'number', 'y' => 'number', 'radius' => 'number']],
    ],
    'Exposure' => Exposure::class,
    'Place' => [
        'latitude' => ['type' => 'number', 'minimum' => -90, 'maximum' => 90],
        'longitude' => ['type' => 'number', 'minimum' => -180, 'maximum' => 180],
        'zone' => 'string',
    ],
    'NewTrial' => [
        'submission' => 'uuid',
        'pest' => 'string',
        'name' => 'string',
        'one' => 'string',
        'other' => 'string',
        'unit' => ['enum' => ['leaf', 'plant']],
        'units' => ['type' => 'integer', 'minimum' => 6, 'maximum' => 100],
        'blind?' => 'boolean',
        'begunAt?' => 'date-time',
    ],
    'NewTrialLook' => [
        'submission' => 'uuid',
        'countedAt?' => 'date-time',
        'counts' => ['?number'],
    ],
    'CorrectedTrialLook' => new Corrects('NewTrialLook'),
    'ChangedTrial' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'sprayed?' => 'boolean',
        'ended?' => 'boolean',
        'conclusion?' => 'string',
    ],
    'Own' => [
        'own' => [['pest' => 'string', 'slug' => 'string', 'words' => 'string']],
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
    'Lights' => [
        'on' => ['type' => 'string', 'pattern' => '^([01][0-9]|2[0-3]):[0-5][0-9]$'],
        'off' => ['type' => 'string', 'pattern' => '^([01][0-9]|2[0-3]):[0-5][0-9]$'],
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
    'AmountOrMass' => [
        'amount' => ['type' => 'number', 'exclusiveMinimum' => 0],
        'unit' => Unit::class,
    ],
];
