<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One look at every leaf or plant of a trial. */
final readonly class TrialLookAnswer
{
    /** @param list<float|null> $counts by the number on the label, from the first */
    public function __construct(public int $id, public int $version, public string $countedAt, public array $counts) {}
}
