<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;

/** One measure of the tally. */
#[Named('Scoop')]
final readonly class TallyScoopAnswer
{
    /**
     * @param list<int> $ticked
     * @param list<int> $again  of these, those that a device that was apart ticked, too: two may have gone in
     */
    public function __construct(
        /** Its number in the order of the plan, from 1. */
        public int $id,
        public string $words,
        public float $eachMl,
        public int $count,
        public array $ticked,
        public array $again,
    ) {}
}
