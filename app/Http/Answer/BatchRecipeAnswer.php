<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The recipe of a batch, and which version of it. */
final readonly class BatchRecipeAnswer
{
    public function __construct(
        public string $slug,
        public int $version,
    ) {}
}
