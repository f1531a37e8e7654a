<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeImmutable;

/** Something that happened in a case. */
final readonly class StoryEvent
{
    public function __construct(
        public DateTimeImmutable $at,
        /** opened, round, count, untreated, burn, rain, picture or closed. */
        public string $kind,
        public string $words,
        /** What was counted, where it is a look. */
        public ?float $value = null,
        /** A JPEG in base 64, where it is a picture. */
        public ?string $picture = null,
        /** A round with pruning, wiping or a water jet the same day. */
        public bool $handWork = false,
    ) {}
}
