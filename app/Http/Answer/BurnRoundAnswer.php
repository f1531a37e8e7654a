<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A round that may have burned a plant. */
final readonly class BurnRoundAnswer
{
    public function __construct(
        /** Of the batch, or of what was bought. */
        public string $name,
        /** Null where it was something bought. */
        public ?RefAnswer $batch,
        public RefAnswer $case,
        #[Shape(format: 'date-time')]
        public string $sprayedAt,
    ) {}
}
