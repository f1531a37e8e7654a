<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ChoiceLines;

/** What a spray did to this pest in this household. */
final readonly class OwnResult
{
    /**
     * @param int $judged rounds, 1 or more
     * @param int $worked of these
     * @param string $plant that it was used on last; empty where nobody knows
     */
    public function __construct(public int $judged, public int $worked, public string $plant = '') {}

    /** Whether it did what it should often enough to be taken again before anything else. */
    public function worked(): bool
    {
        return $this->judged >= ChoiceLines::OWN_ROUNDS['value'] && $this->worked >= ChoiceLines::OWN_GOOD['value'] * $this->judged;
    }

    /** Whether it failed each time, often enough to be passed over. */
    public function failed(): bool
    {
        return $this->judged >= ChoiceLines::OWN_ROUNDS['value'] && $this->worked === 0;
    }
}
