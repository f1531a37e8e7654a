<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Sentences;

/** Tells what the gate says. */
final readonly class GateAnswers
{
    public function __construct(private Sentences $sentences, private SourceCatalogue $sources) {}

    public function of(Answer $answer): GateAnswer
    {
        $closed = $answer->closedBy();

        return new GateAnswer(
            $answer->level()->value,
            array_map($this->reason(...), $answer->reasons()),
            $answer->cautions,
            $answer->pickFrom,
            $answer->proven(),
            $closed === null ? '' : $this->sentences->verdict($closed),
        );
    }

    private function reason(Verdict $verdict): GateReasonAnswer
    {
        $source = $verdict->source === null ? null : $this->sources->get($verdict->source);

        return new GateReasonAnswer($verdict->code, $verdict->about()->value, $verdict->level->value, $this->sentences->verdict($verdict), $this->sentences->remedy($verdict), $source?->standing->value, $source?->words() ?? '');
    }
}
