<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A round that may have burnt leaves. */
final readonly class BurntRoundAnswer
{
    public function __construct(
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        /** Of the batch, or of what was bought. */
        public string $name,
        /** Null where it was something bought. */
        public ?RefAnswer $batch,
        #[Shape(format: 'date-time')]
        public string $sprayedAt,
        /** Whether burn of it would show by now, and not long before. */
        public bool $likely,
    ) {}
}
