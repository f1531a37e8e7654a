<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A water, and the hardness to reckon with; null where it has to be found out. */
final readonly class WaterAnswer
{
    public function __construct(
        public string $code,
        public string $words,
        public ?float $mgPerL,
    ) {}
}
