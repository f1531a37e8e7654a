<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A plant, and whether what is left may go onto it. */
final readonly class RestPlantAnswer
{
    public function __construct(
        public int $id,
        public string $name,
        public string $level,
        public string $because,
    ) {}
}
