<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** How it goes on with certain rounds. */
final readonly class OutlookAnswer
{
    /**
     * @param list<string>             $rounds days of the rounds that are to come
     * @param list<ExpectedDayAnswer> $days   from today on
     */
    public function __construct(
        #[Shape(words: ['alone', 'planned', 'fewest'])]
        public string $kind,
        public string $name,
        /** What comes of it. */
        public string $words,
        /** Why these days; empty where nothing is to be said. */
        public string $because,
        public array $rounds,
        public array $days,
    ) {}
}
