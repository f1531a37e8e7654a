<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Phrase\Heard;

/** What can be answered to the question that a typed line raised. */
final class AnswersToQuestion
{
    /** @return list<AnswerLineAnswer> none where nothing is asked */
    public static function of(Heard $heard): array
    {
        return array_map(static fn(array $answer): AnswerLineAnswer => new AnswerLineAnswer($answer['words'], $answer['line']), $heard->question->answers ?? []);
    }
}
