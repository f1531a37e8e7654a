<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One way out. */
final readonly class RemedyAnswer
{
    public function __construct(
        public string $kind,
        public string $title,
        public string $text,
        public float $finishedMl,
    ) {}
}
