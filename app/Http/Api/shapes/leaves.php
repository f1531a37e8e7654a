<?php

declare(strict_types=1);

use App\Http\Api\Corrects;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Leaf\MeanwhileWeather;

/*
 * What is said of leaves: tests, burns, photographs. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
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
    'CorrectedLeafTest' => new Corrects('NewLeafTest'),
    'CorrectedReading' => new Corrects('NewReading'),
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
    'InjuryKind' => InjuryKind::class,
    'LeafShape' => LeafShape::class,
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
];
