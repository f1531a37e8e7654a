<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** One small fault put into one file. */
final readonly class Mutant
{
    public function __construct(
        /** From the root of the project. */
        public string $file,
        public int $line,
        public string $what,
        /** The whole file with the fault in it. */
        public string $code,
    ) {}
}
