<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One thing to be put back after something was spilled, as it is measured. */
final readonly class RefillAnswer
{
    public function __construct(public string $ingredient, public AmountAnswer $amount, public string $words) {}
}
