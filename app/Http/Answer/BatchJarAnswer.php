<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A stock in its jar. */
final readonly class BatchJarAnswer
{
    public function __construct(
        public float $leftMl,
        public string $leftWords,
        public bool $empty,
    ) {}
}
