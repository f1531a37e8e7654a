<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Weather\HourVerdict;

/** One hour with what it is, why, and its weather. */
final readonly class HourAnswer
{
    /** @param list<string> $reasons */
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        #[Shape(of: HourVerdict::class)]
        public string $verdict,
        public array $reasons,
        public float $celsius,
        public float $humidityPercent,
        public ?float $windKmh,
        public ?float $rainMm,
        public ?float $cloudPercent,
        public float $deltaT,
        public float $sunDegrees,
    ) {}
}
