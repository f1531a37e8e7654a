<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A glass that stood, and what to do after it. */
final readonly class GlassAnswer
{
    public function __construct(
        public int $id,
        public string $result,
        public string $words,
        public ?float $seconds,
        #[Shape(format: 'date-time')]
        public string $testedAt,
        public string $code,
        public string $advice,
        /** What is to be added by it; null where nothing is. */
        public ?GlassAddAnswer $add,
    ) {}
}
