<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Run\PutOn;
use IdleMixer\Core\Run\RunStepKind;

/** One thing to do in the bed. */
final readonly class RunStepAnswer
{
    public function __construct(
        public string $key,
        #[Shape(of: RunStepKind::class)]
        public string $kind,
        public string $say,
        public string $more,
        /** That it takes at least. */
        public ?int $minutes,
        /** When it was done. */
        #[Shape(format: 'date-time')]
        public ?string $doneAt,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
        /** How it is put on; null for what is no plant. */
        #[Shape(of: PutOn::class)]
        public ?string $putOn,
    ) {}
}
