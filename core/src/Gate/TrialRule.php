<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** On plants of a trial that is being counted nothing else is sprayed: it would hide which side is better. Common practice of trials, no source. */
final readonly class TrialRule implements Rule
{
    private const SOURCE = 'practice';

    public function verdicts(Question $question): array
    {
        return $question->whom?->had->inTrial === true && $question->isSprayed() ? [Verdict::of(Finding::InTrial, [], self::SOURCE)] : [];
    }
}
