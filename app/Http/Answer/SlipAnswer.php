<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What was done about a load that went wrong. */
final readonly class SlipAnswer
{
    public function __construct(
        public int $load,
        public string $remedy,
        public string $words,
    ) {}
}
