<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A plant of a trial; where leaves are marked, one that bears some of them. */
final readonly class TrialPlantAnswer
{
    public function __construct(
        /** What its label says; null where leaves are marked. */
        public ?int $lot,
        public RefAnswer $plant,
    ) {}
}
