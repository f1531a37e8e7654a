<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The plant of a case. */
final readonly class CasePlantAnswer
{
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $tolerance,
        public string $place,
    ) {}
}
