<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A round that may have burned a plant. */
final readonly class BurnRoundAnswer
{
    public function __construct(
        public RefAnswer $batch,
        public RefAnswer $case,
        #[Shape(format: 'date-time')]
        public string $sprayedAt,
    ) {}
}
