<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A sign that can be ticked. */
final readonly class SignAnswer
{
    public function __construct(
        public string $slug,
        public string $group,
        public string $words,
        public string $drawing,
    ) {}
}
