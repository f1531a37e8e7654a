<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One thing to do in the bed. */
final readonly class RunStepAnswer
{
    public function __construct(
        public string $key,
        public string $kind,
        public string $say,
        public string $more,
        /** That it takes at least. */
        public ?int $minutes,
        /** When it was done. */
        public ?string $doneAt,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
