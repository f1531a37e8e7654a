<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Hours in a row that are equally good. */
final readonly class WindowAnswer
{
    public function __construct(
        public string $from,
        public string $to,
        public string $verdict,
        /** When it becomes too dark to see what is sprayed, before it ends. */
        public ?string $darkFrom,
        public string $because,
    ) {}
}
