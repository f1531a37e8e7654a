<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What is expected to be counted on the evening of a day: of later counts, four of five lie from low to high. */
final readonly class ExpectedDayAnswer
{
    public function __construct(
        #[Shape(format: 'date')]
        public string $on,
        #[Shape(least: 0)]
        public float $low,
        #[Shape(least: 0)]
        public float $middle,
        #[Shape(least: 0)]
        public float $high,
    ) {}
}
