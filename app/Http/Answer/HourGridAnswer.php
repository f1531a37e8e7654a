<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The hours of a week for one plant. */
final readonly class HourGridAnswer
{
    /** @param list<HourAnswer> $hours earliest first */
    public function __construct(
        public int $plantId,
        public string $name,
        public array $hours,
    ) {}
}
