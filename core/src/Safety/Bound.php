<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Strengths;

/** Something that a surface bears only so much of. */
interface Bound
{
    /** How many times what is still well a spray holds: 1 is at the limit, 0 without any of it. */
    public function times(Strengths $strengths): float;

    public function level(Strengths $strengths): Level;

    /** Null when there is none of it, or nothing to be said. */
    public function verdict(Strengths $strengths): ?Verdict;
}
