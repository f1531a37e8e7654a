<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What a case can be opened for, and what is counted of it. */
final readonly class PestAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $counted,
    ) {}
}
