<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A step without spoons that is ticked. */
final readonly class TickedStepAnswer
{
    public function __construct(public int $load, public int $number) {}
}
