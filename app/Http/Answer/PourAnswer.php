<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** So many mL stand so high. */
final readonly class PourAnswer
{
    public function __construct(
        public float $mL,
        public float $mm,
    ) {}
}
