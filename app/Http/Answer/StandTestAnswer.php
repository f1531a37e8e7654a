<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What a glass may show. */
final readonly class StandTestAnswer
{
    public function __construct(
        public string $code,
        public string $words,
        public bool $unsteady,
    ) {}
}
