<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A family of sprays that was never tried on a pest here, with what is expected of it. */
final readonly class UntriedAnswer
{
    public function __construct(public string $pest, public string $family, public float $expectedPercent) {}
}
