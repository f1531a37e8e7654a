<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\SprayRecord;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\RecordWords;

/** Tells what one spray did to one pest. */
final readonly class WorkedAnswers
{
    public function __construct(private TroubleCatalogue $troubles) {}

    public function of(SprayRecord $row): RecordAnswer
    {
        $record = $row->record;
        $interval = $record->interval();

        return new RecordAnswer(
            $row->pest,
            $this->troubles->trouble($row->pest)->name,
            new RecordRecipeAnswer($row->slug, $row->name),
            CompositionWords::of($row->spray),
            count($record->trials),
            count($record->judged()),
            $record->worked(),
            $record->compared(),
            $record->withHandWork,
            $record->leafTests,
            $record->burned,
            $record->medianReduction(),
            $interval === null ? null : 100.0 * $interval->low,
            $interval === null ? null : 100.0 * $interval->high,
            array_map(static fn(Trial $trial): string => $trial->outcome()->value, $record->trials),
            $record->verdict()->value,
            RecordWords::verdict($record->verdict()),
            RecordWords::of($record),
            $row->lastBatch,
        );
    }
}
