<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One count. */
final readonly class CountAnswer
{
    public function __construct(
        public int $id,
        public int $version,
        public string $countedAt,
        public float $value,
        public bool $untreated,
        public string $notes,
        public int $changes,
    ) {}
}
