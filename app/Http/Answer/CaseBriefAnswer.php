<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A case in short, for lists. */
readonly class CaseBriefAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        public string $pest,
        public string $pestName,
        public string $counted,
        public CasePlantAnswer $plant,
        #[Shape(format: 'date-time')]
        public string $openedAt,
        #[Shape(format: 'date-time')]
        public ?string $closedAt,
        public string $conclusion,
        public string $notes,
        public int $roundCount,
        public ?float $latestCount,
        /** What the last round took, where it is known. */
        public ?float $lastLitres,
    ) {}
}
