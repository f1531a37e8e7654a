<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A mark of a strip to stick beside a sprayer. */
final readonly class MarkAnswer
{
    public function __construct(
        public float $mm,
        public float $mL,
        public string $words,
    ) {}
}
