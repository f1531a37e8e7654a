<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One hour with what it is, why, and its weather. */
final readonly class HourAnswer
{
    /** @param list<string> $reasons */
    public function __construct(
        public string $at,
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
