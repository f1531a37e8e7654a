<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One look at the test leaves. */
final readonly class ReadingAnswer
{
    /**
     * @param list<string> $reactions
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $readAt,
        public array $reactions,
        public string $notes,
        public int $changes,
    ) {}
}
