<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The trial that would settle most about a pest. */
final readonly class NextTrialAnswer
{
    public function __construct(public string $one, public string $other, public int $units, public float $powerPercent, public string $words) {}
}
