<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What a spray lands on. */
final readonly class ToleranceAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $surface,
        public string $looksLike,
    ) {}
}
