<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What may go in for something else. */
final readonly class StandInAnswer
{
    public function __construct(public string $with, public string $name, public string $cost) {}
}
