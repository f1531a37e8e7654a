<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Something that stands mixed, and whether it may go on the plant. */
final readonly class StandingAnswer
{
    public function __construct(public RefAnswer $batch, public GateAnswer $gate, public BottleAnswer $bottle) {}
}
