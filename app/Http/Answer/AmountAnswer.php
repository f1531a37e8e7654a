<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A number of some unit, by UCUM code. */
final readonly class AmountAnswer
{
    public function __construct(
        public int|float $amount,
        public string $unit,
    ) {}
}
