<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What a record was before each of its changes, latest first. */
final readonly class HistoryAnswer
{
    /**
     * @param list<ChangeAnswer> $changes
     */
    public function __construct(
        #[Shape(least: 1)]
        public int $version,
        public bool $takenBack,
        /** Who wrote it down first; empty where the device said nobody. */
        public string $who,
        public array $changes,
    ) {}
}
