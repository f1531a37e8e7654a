<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Days on which what hatches meets no round. */
final readonly class ProgrammeGapAnswer
{
    public function __construct(
        public string $from,
        public string $to,
        public string $because,
    ) {}
}
