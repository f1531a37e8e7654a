<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeImmutable;
use DateTimeZone;

/** A case, told. */
final readonly class StoryAnswer
{
    /**
     * @param list<StoryEvent> $events earliest first
     * @param list<StoryRain>  $rain
     */
    public function __construct(
        public string $name,
        public string $counted,
        public string $place,
        public DateTimeImmutable $openedAt,
        public ?DateTimeImmutable $closedAt,
        public ?DateTimeZone $zone,
        public array $events,
        public array $rain,
    ) {}
}
