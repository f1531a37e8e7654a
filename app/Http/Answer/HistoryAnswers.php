<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Correctable;
use App\Models\Revision;
use App\Records\Corrections;
use App\Records\Edits;
use IdleMixer\Core\Wording\ColumnWords;

/** Tells what a record was before each of its changes. */
final readonly class HistoryAnswers
{
    public function __construct(private ColumnWords $words) {}

    public function of(Correctable $record): HistoryAnswer
    {
        return new HistoryAnswer(
            Edits::version($record),
            $record->getAttribute('taken_back_at') !== null,
            is_string($who = $record->getAttribute('who')) ? $who : '',
            array_values(Corrections::of($record)->reverse()->map($this->change(...))->all()),
        );
    }

    private function change(Revision $revision): ChangeAnswer
    {
        $was = [];
        foreach (Corrections::before($revision) as $column => $value) {
            $words = $this->words->of($column, $value);
            if ($words !== null) {
                $was[] = new WasAnswer($words['name'], $words['value']);
            }
        }

        return new ChangeAnswer($revision->what, Instant::of($revision->at), $was, $revision->who);
    }
}
