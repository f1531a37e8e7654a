<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One change of a record, and what it was before. */
final readonly class ChangeAnswer
{
    /**
     * @param list<WasAnswer> $was
     */
    public function __construct(
        public string $what,
        public string $at,
        public array $was,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
