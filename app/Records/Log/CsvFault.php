<?php

declare(strict_types=1);

namespace App\Records\Log;

/** Why a row of a table was not taken. */
final readonly class CsvFault
{
    public function __construct(
        /** From 1, the head included. */
        public int $line,
        public string $reason,
    ) {}
}
