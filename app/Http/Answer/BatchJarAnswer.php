<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A stock in its jar. */
final readonly class BatchJarAnswer
{
    public function __construct(
        #[Shape(least: 0)]
        public float $leftMl,
        public string $leftWords,
        public bool $empty,
    ) {}
}
