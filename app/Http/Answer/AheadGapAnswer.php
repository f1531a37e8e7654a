<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Days on which what hatches meets no round. */
final readonly class AheadGapAnswer
{
    public function __construct(
        #[Shape(format: 'date')]
        public string $from,
        #[Shape(format: 'date')]
        public string $to,
        public string $because,
    ) {}
}
