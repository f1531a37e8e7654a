<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;

/** Loads in a row that are all alike, with the steps that each of them takes. */
final readonly class LoadGroup
{
    /**
     * @param int        $first number of the first of them, from 1
     * @param int        $count 1 or more
     * @param list<Step> $steps
     */
    public function __construct(public int $first, public int $count, public Load $load, public array $steps) {}
}
