<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What was mixed for a case or a course, and what that cost. */
final readonly class SpentAnswer
{
    public function __construct(public string $name, public string $to, public string $costs) {}
}
