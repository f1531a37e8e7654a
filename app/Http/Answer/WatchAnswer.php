<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A plant that stood next to an infested one. */
final readonly class WatchAnswer
{
    public function __construct(
        public int $id,
        public RefAnswer $plant,
        #[Shape(format: 'date-time')]
        public string $dueAt,
        /** When it was last looked over and clean. */
        #[Shape(format: 'date-time')]
        public ?string $lookedAt,
        public bool $cleared,
    ) {}
}
