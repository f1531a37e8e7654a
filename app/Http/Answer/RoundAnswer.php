<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One application, and what the counts say of it. */
final readonly class RoundAnswer
{
    /**
     * @param list<string> $strength
     */
    public function __construct(
        public int $id,
        public int $version,
        public RefAnswer $batch,
        public array $strength,
        public string $sprayedAt,
        public bool $handWork,
        public string $notes,
        public ?string $outcome,
        public string $because,
        public ?string $fairFrom,
        public ?float $reductionPercent,
        public bool $compared,
        public int $changes,
    ) {}
}
