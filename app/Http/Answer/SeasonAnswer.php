<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A season in a made-up garden, as far as it has gone. */
final readonly class SeasonAnswer
{
    /** @param list<SeasonCountAnswer> $counts */
    public function __construct(
        #[Shape(least: 0)]
        public int $garden,
        public string $pestName,
        /** °C. */
        public float $celsius,
        /** Days of the whole of it, and the last on which is sprayed. */
        public int $days,
        public int $sprayedUntil,
        public array $counts,
        /** Null until its last day. */
        public ?SeasonEndAnswer $end,
    ) {}
}
