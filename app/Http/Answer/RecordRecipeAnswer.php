<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The recipe or recipes that a record is about. */
final readonly class RecordRecipeAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
    ) {}
}
