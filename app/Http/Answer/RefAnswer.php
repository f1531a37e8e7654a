<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A record by its number and name. */
final readonly class RefAnswer
{
    public function __construct(
        public int $id,
        public string $name,
    ) {}
}
