<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeImmutable;

/** A day with rain. */
final readonly class StoryRain
{
    public function __construct(public DateTimeImmutable $at, public float $millimetres) {}
}
