<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** When lamps go on and off, by the clock. */
final readonly class LightsAnswer
{
    public function __construct(public string $on, public string $off) {}

    /** @param int|null $on minutes after midnight */
    public static function of(?int $on, ?int $off): ?self
    {
        return $on === null || $off === null ? null : new self(self::time($on), self::time($off));
    }

    private static function time(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
