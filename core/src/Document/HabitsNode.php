<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Habit\Clock;
use IdleMixer\Core\Habit\DateOrder;
use IdleMixer\Core\Habit\DecimalSign;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Habit\RainDepth;
use IdleMixer\Core\Habit\Warmth;
use IdleMixer\Core\Habit\WindSpeed;

/** How a household writes, as an object of six words. */
final class HabitsNode
{
    /** @throws InvalidDocument where a word is missing or none of those there are */
    public static function read(Node $node): Habits
    {
        $words = self::words();
        $all = $node->object(array_keys($words));
        $word = static fn(string $key): string => $all->get($key)->word($words[$key] ?? [], $key);

        return new Habits(
            Clock::from($word('clock')),
            Warmth::from($word('warmth')),
            WindSpeed::from($word('wind')),
            RainDepth::from($word('rain')),
            DecimalSign::from($word('decimal')),
            DateOrder::from($word('dates')),
        );
    }

    /** @return array<string, list<string>> those there are, by key */
    public static function words(): array
    {
        return [
            'clock' => array_column(Clock::cases(), 'value'),
            'warmth' => array_column(Warmth::cases(), 'value'),
            'wind' => array_column(WindSpeed::cases(), 'value'),
            'rain' => array_column(RainDepth::cases(), 'value'),
            'decimal' => array_column(DecimalSign::cases(), 'value'),
            'dates' => array_column(DateOrder::cases(), 'value'),
        ];
    }

    /** @return array{clock: string, warmth: string, wind: string, rain: string, decimal: string, dates: string} */
    public static function told(Habits $habits): array
    {
        return [
            'clock' => $habits->clock->value,
            'warmth' => $habits->warmth->value,
            'wind' => $habits->wind->value,
            'rain' => $habits->rain->value,
            'decimal' => $habits->decimal->value,
            'dates' => $habits->dates->value,
        ];
    }
}
