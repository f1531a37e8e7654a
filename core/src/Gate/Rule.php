<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Safety\Verdict;

/** One thing that is asked before a spray goes on a plant. */
interface Rule
{
    /** @return list<Verdict> one a question asked, `ok` ones too; none where it does not apply */
    public function verdicts(Question $question): array;
}
