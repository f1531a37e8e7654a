<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One thing to do on a day of a programme. */
final readonly class ProgrammeEntryAnswer
{
    public function __construct(
        public string $on,
        public string $kind,
        public string $spray,
        public string $because,
        public bool $done,
    ) {}
}
