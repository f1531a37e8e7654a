<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** The weather of one hour. */
final readonly class SkyHourAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        public float $celsius,
        public ?float $windKmh,
        public ?float $rainMm,
    ) {}
}
