<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

use DateTimeImmutable;

/**
 * Writes figures of the weather, hours and days as the household that asks does. Which one asks is said once a call, as the language is.
 * 1 in = 25.4 mm and 1 mi = 1.609344 km are exact (international yard and pound, 1959); °F = 1.8 °C + 32 by definition.
 */
final class Written
{
    private const MM_IN_INCH = 25.4;

    private const KM_IN_MILE = 1.609344;

    /** In a sentence, {celsius:warmth} is a figure with its unit, and {32:warmth} one that stands in the sentence itself. */
    private const MARK = '/\{([\w-]+):(warmth|warmer|wind|rain)\}/';

    private static ?Habits $habits = null;

    private static ?Habits $usual = null;

    /** @param Habits|null $habits null where nobody said */
    public static function by(?Habits $habits): void
    {
        self::$habits = $habits;
    }

    public static function habits(): Habits
    {
        return self::$habits ?? self::$usual ??= new Habits();
    }

    /** Empty where nobody said. */
    public static function code(): string
    {
        return self::$habits?->code() ?? '';
    }

    /** @param string $figures written with a point */
    public static function number(string $figures): string
    {
        return self::habits()->decimal === DecimalSign::Comma ? str_replace('.', ',', $figures) : $figures;
    }

    /** @param float $celsius of air, water or a room */
    public static function warmth(float $celsius, int $finer = 0): string
    {
        return self::habits()->warmth === Warmth::Fahrenheit ? self::rounded(1.8 * $celsius + 32.0, $finer) . ' °F' : self::rounded($celsius, 1) . ' °C';
    }

    /** @param float $celsius how far one is above another, as with Delta T */
    public static function warmer(float $celsius): string
    {
        return self::habits()->warmth === Warmth::Fahrenheit ? self::rounded(1.8 * $celsius, 1) . ' °F' : self::rounded($celsius, 1) . ' °C';
    }

    /** @param float $kmh km/h */
    public static function wind(float $kmh, int $finer = 0): string
    {
        return self::habits()->wind === WindSpeed::MilesAnHour ? self::rounded($kmh / self::KM_IN_MILE, $finer) . ' mph' : self::rounded($kmh, $finer) . ' km/h';
    }

    /** @param float $millimetres of rain, 0 or more */
    public static function rain(float $millimetres, int $finer = 0): string
    {
        return self::habits()->rain === RainDepth::Inches ? self::rounded($millimetres / self::MM_IN_INCH, 2 + $finer) . ' in' : self::rounded($millimetres, 1 + $finer) . ' mm';
    }

    /** “17:00”, or “5:00 pm”. */
    public static function hour(DateTimeImmutable $local): string
    {
        return $local->format(self::habits()->clock === Clock::Twelve ? 'g:i a' : 'H:i');
    }

    /** “1 Dec”, or “Dec 1”. */
    public static function day(DateTimeImmutable $local): string
    {
        return $local->format(self::monthFirst() ? 'M j' : 'j M');
    }

    /** “1 December”, or “December 1”. */
    public static function longDay(DateTimeImmutable $local): string
    {
        return $local->format(self::monthFirst() ? 'F j' : 'j F');
    }

    /** “1 Dec 2026”, or “Dec 1, 2026”. */
    public static function dayOfYear(DateTimeImmutable $local): string
    {
        return $local->format(self::monthFirst() ? 'M j, Y' : 'j M Y');
    }

    /** “Tue 1 Dec”, or “Tue Dec 1”. */
    public static function weekday(DateTimeImmutable $local): string
    {
        return $local->format('D ') . self::day($local);
    }

    /** “Tue 1 Dec, 17:00”, or “Tue Dec 1, 5:00 pm”. */
    public static function weekdayAndHour(DateTimeImmutable $local): string
    {
        return self::weekday($local) . ', ' . self::hour($local);
    }

    /**
     * A sentence with its figures of the weather put in, where it marks them; a tenth more where two that differ would read alike.
     *
     * @param array<string, float|int|string> $figures °C, km/h or mm by the name in the sentence
     */
    public static function marked(string $sentence, array $figures): string
    {
        // An hour is judged in a hundred sentences, and few of them hold a figure of the weather.
        if ((! str_contains($sentence, ':w') && ! str_contains($sentence, ':rain}')) || preg_match_all(self::MARK, $sentence, $found, \PREG_SET_ORDER) < 1) {
            return $sentence;
        }
        $pairs = $values = [];
        foreach ([0, 1] as $finer) {
            foreach ($found as [$mark, $name, $kind]) {
                $figure = $figures[$name] ?? $name;
                if (is_numeric($figure)) {
                    $pairs[$mark] = self::figure($kind, (float) $figure, $finer);
                    $values[$mark] = "{$kind} {$figure}";
                }
            }
            if (count(array_unique($pairs)) === count(array_unique($values))) {
                break;
            }
        }

        return strtr($sentence, $pairs);
    }

    private static function figure(string $kind, float $figure, int $finer): string
    {
        return match ($kind) {
            'warmth' => self::warmth($figure, $finer),
            'warmer' => self::warmer($figure),
            'wind' => self::wind($figure, $finer),
            default => self::rain($figure, $finer),
        };
    }

    private static function monthFirst(): bool
    {
        return self::habits()->dates === DateOrder::MonthFirst;
    }

    private static function rounded(float $figure, int $decimals): string
    {
        $rounded = round($figure, $decimals);

        // Nobody reads a minus before nothing.
        return self::number((string) ($rounded === 0.0 ? 0 : $rounded));
    }
}
