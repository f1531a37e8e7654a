<?php

declare(strict_types=1);

use App\Http\Api\Corrects;
use App\Http\Input\SeasonInput;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Evidence\Outcome;

/*
 * What is said of a case. The shape of each by its name; a key that ends in a question mark may be left out.
 */
return [
    'CaseCourse' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'everyDays?' => ['type' => ['integer', 'null'], 'description' => 'As its school has it where it is left out.'],
        'budBreakOn?' => ['type' => ['string', 'null'], 'format' => 'date'],
    ],
    'SeasonAsked' => [
        'garden' => ['type' => 'integer', 'minimum' => 0, 'maximum' => SeasonInput::GARDENS],
        'rounds' => ['integer'],
        'looks' => ['integer'],
        'until' => ['type' => 'integer', 'minimum' => 0, 'maximum' => TrainerLines::DAYS['value']],
    ],
    'RoundDates' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'on' => ['type' => 'array', 'description' => 'Days of the rounds to come; none where they come as the school has it.', 'maxItems' => ScheduleLines::MOST_ROUNDS['value'], 'items' => ['type' => 'string', 'format' => 'date']],
    ],
    'CaseTurns' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'turns' => ['type' => 'array', 'description' => 'Slugs of recipes, the first to begin with; none where it goes on as it was begun.', 'maxItems' => ScheduleLines::MOST_IN_TURN['value'], 'items' => ['type' => 'string']],
    ],
    'RoundsAsked' => [
        'on' => ['type' => 'array', 'description' => 'Days of the rounds to come, earliest first.', 'maxItems' => ScheduleLines::MOST_ROUNDS['value'], 'items' => ['type' => 'string', 'format' => 'date']],
        'which?' => ['type' => ['integer', 'null'], 'minimum' => 0, 'description' => 'Of them is moved, counted from 0; none where it is left out.'],
    ],
    'NewCourse' => [
        'submission' => 'uuid',
        'name' => 'string',
        'pest?' => ['type' => ['string', 'null'], 'description' => 'What is feared; nothing by name where it is left out.'],
        'recipes' => ['type' => 'array', 'items' => ['type' => 'string'], 'description' => 'In turn; none where the plants stand apart for four weeks, and are looked over.'],
        'everyDays?' => '?integer',
        'plantIds' => ['integer'],
        'newPlants?' => ['oneOf' => [['$ref' => '#/components/schemas/PlantsAlike'], ['type' => 'null']]],
    ],
    'PlantsAlike' => [
        'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => InputLines::MOST_TOGETHER['value']],
        'name' => 'string',
        'kind?' => 'string',
        'tolerance' => 'string',
        'place?' => 'string',
        'indoors?' => 'boolean',
    ],
    'ChangedCourse' => [
        'basedOn' => ['type' => 'integer', 'minimum' => 0],
        'name' => 'string',
        'pest?' => '?string',
        'recipes' => ['string'],
        'everyDays?' => '?integer',
        'plantIds' => ['integer'],
        'ended?' => 'boolean',
    ],
    'NewCourseLook' => [
        'submission' => 'uuid',
        'lookedAt?' => 'date-time',
        'all?' => ['type' => 'boolean', 'description' => 'Whether the others were looked at, too; so where it is left out.'],
        'found' => [['plantId' => 'integer', 'pest' => 'string', 'count?' => '?number']],
    ],
    'NewCourseRound' => [
        'submission' => 'uuid',
        'bought' => ['kind' => BoughtKind::class, 'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => BoughtLines::LONGEST_NAME['value']], 'holds?' => ['enum' => [...array_column(Holds::cases(), 'value'), null]]],
        'sprayedAt?' => 'date-time',
        'notes?' => 'string',
    ],
    'NewCase' => [
        'submission' => 'uuid',
        'plantId' => 'integer',
        'pest' => 'string',
        'openedAt?' => 'date-time',
        'notes?' => 'string',
        'seen?' => ['type' => ['object', 'null'], 'description' => 'Natural enemies, and how many of each; null where nobody counted them.', 'additionalProperties' => ['type' => ['integer', 'null'], 'minimum' => 0]],
    ],
    'NewRound' => [
        'submission' => 'uuid',
        'batch?' => 'uuid',
        'bought?' => ['kind' => BoughtKind::class, 'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => BoughtLines::LONGEST_NAME['value']], 'holds?' => ['enum' => [...array_column(Holds::cases(), 'value'), null]]],
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
        'helpers?' => ['type' => ['object', 'boolean', 'null'], 'description' => 'Natural enemies, and how many of each, null where nobody counted them; none where there were none, null where nobody looked. True is some that nobody named.', 'additionalProperties' => ['type' => ['integer', 'null'], 'minimum' => 0]],
        'spots?' => 'string',
    ],
    'NewWait' => [
        'submission' => 'uuid',
        'days' => ['type' => 'integer', 'minimum' => 1],
        'because' => WhyWhether::class,
        'seen?' => ['type' => ['object', 'null'], 'description' => 'Natural enemies, and how many of each; null where nobody counted them.', 'additionalProperties' => ['type' => ['integer', 'null'], 'minimum' => 0]],
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
        'seen?' => ['type' => ['object', 'null'], 'description' => 'Natural enemies, and how many of each; null where nobody counted them.', 'additionalProperties' => ['type' => ['integer', 'null'], 'minimum' => 0]],
    ],
    'Severity' => Severity::class,
    'Seen' => [
        'seen' => ['type' => 'object', 'additionalProperties' => ['type' => 'boolean']],
        'plantId?' => ['type' => ['integer', 'null'], 'description' => 'The plant that is looked at: its kind and place make some troubles likelier than others.', 'minimum' => 1],
    ],
    'Outcome' => Outcome::class,
];
