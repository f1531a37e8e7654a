<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One look at every leaf or plant of a trial. */
final readonly class TrialLookAnswer
{
    /** @param list<float|null> $counts by the number on the label, from the first */
    public function __construct(public int $id, public string $key, #[Shape(least: 1)] public int $version, #[Shape(format: 'date-time')] public string $countedAt, public array $counts) {}
}
