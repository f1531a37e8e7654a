<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** What a spray did to this pest in this household. */
final readonly class OwnResult
{
    /**
     * @param int $judged rounds, 1 or more
     * @param int $worked of these
     * @param string $plant that it was used on last; empty where nobody knows
     */
    public function __construct(public int $judged, public int $worked, public string $plant = '') {}
}
