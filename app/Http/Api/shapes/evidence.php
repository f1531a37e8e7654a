<?php

declare(strict_types=1);

use App\Http\Api\Corrects;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Source\Standing;

/*
 * What worked, and trials. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'Worked' => [
        'records' => [['pest' => 'string', 'pestName' => 'string', 'recipe' => ['slug' => 'string', 'name' => 'string'], 'rounds' => 'integer', 'judged' => 'integer', 'worked' => 'integer', 'compared' => 'integer', 'withHandWork' => 'integer', 'leafTests' => 'integer', 'marked' => 'integer', 'medianReductionPercent' => '?number', 'lowPercent' => '?number', 'highPercent' => '?number', 'outcomes' => ['#Outcome'], 'left' => ['type' => 'array', 'items' => ['type' => ['number', 'null']], 'description' => 'Percent that each round left alive, in the order of the outcomes; null where nothing can be said.'], 'because' => ['string'], 'strength' => ['string'], 'verdict' => RecordVerdict::class, 'verdictWords' => 'string', 'lastBatch' => '?integer', 'family' => 'string', 'cases' => 'integer', 'closed' => 'integer', 'burntAfter' => 'integer', 'effectPercent' => '?number', 'effectLow' => '?number', 'effectHigh' => '?number', 'effect' => ['type' => 'string', 'description' => 'What it leaves, in words, and between what; empty where nothing is judged.'], 'shrunkPercent' => 'number', 'roundsNeeded' => '?number', 'litresPerCase' => '?number', 'minutesPerCase' => '?number', 'next' => ['type' => 'string', 'description' => 'What to do with the next batch.'], 'reason' => 'string', 'standing' => Standing::class, 'source' => 'string', 'wentWith' => ['string'], 'lastPlant' => 'string', 'sure' => Sureness::class]],
        'untried' => [['pest' => 'string', 'family' => 'string', 'expectedPercent' => 'number']],
        'waited' => [['pest' => 'string', 'pestName' => 'string', 'words' => 'string']],
        'more' => 'boolean',
        'inShort' => ['type' => 'string', 'description' => 'What to take against what, of all that was sprayed.'],
    ],
    'Own' => [
        'own' => [['pest' => 'string', 'slug' => 'string', 'words' => 'string']],
    ],
    'NewTrial' => [
        'submission' => 'uuid',
        'pest' => 'string',
        'name?' => ['type' => 'string', 'description' => 'One side against the other where it is left out.'],
        'one?' => ['type' => 'string', 'description' => 'What the first side is called; its recipe where it is left out.'],
        'other?' => 'string',
        'oneRecipe?' => ['type' => ['string', 'null'], 'description' => 'Slug of what it is sprayed with; none where that was bought.'],
        'otherRecipe?' => '?string',
        'otherAlone?' => ['type' => 'boolean', 'description' => 'Whether the other side is sprayed with nothing.'],
        'plantIds' => ['type' => 'array', 'items' => ['type' => 'integer'], 'description' => 'Labels follow their names; where leaves are marked, those that bear them.'],
        'unit' => ['enum' => ['leaf', 'plant']],
        'units?' => ['type' => 'integer', 'minimum' => 6, 'maximum' => 100, 'description' => 'Marked leaves, of both sides together; as many as there are plants, where those are marked.'],
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
];
