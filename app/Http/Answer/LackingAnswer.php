<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that would do, and what is not there for it. */
final readonly class LackingAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $lacks,
    ) {}
}
