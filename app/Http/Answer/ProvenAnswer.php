<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What all leaf tests and rounds together say of the spray of one leaf test. */
final readonly class ProvenAnswer
{
    public function __construct(public int $testId, public string $words) {}
}
