<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One look at the test leaves. */
final readonly class ReadingAnswer
{
    /**
     * @param list<SeenLeafAnswer> $leaves
     * @param list<string> $weather
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $readAt,
        public array $leaves,
        public array $weather,
        public string $notes,
        public int $changes,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
