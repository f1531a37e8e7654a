<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What one thing of a record was before it was changed. */
final readonly class WasAnswer
{
    public function __construct(
        public string $name,
        public string $value,
    ) {}
}
