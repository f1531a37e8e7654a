<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One look at the test leaves. */
final readonly class ReadingAnswer
{
    /**
     * @param list<SeenLeafAnswer> $leaves
     * @param list<string> $weather
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        #[Shape(format: 'date-time')]
        public string $readAt,
        public array $leaves,
        #[Shape(ref: 'Meanwhile')]
        public array $weather,
        public string $notes,
        #[Shape(least: 0)]
        public int $changes,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
