<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What was counted on a day, on ten leaves. */
final readonly class SeasonCountAnswer
{
    public function __construct(
        #[Shape(least: 0)]
        public int $day,
        #[Shape(least: 0)]
        public int $count,
    ) {}
}
