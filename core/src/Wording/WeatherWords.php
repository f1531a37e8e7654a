<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Words\Say;

/** The weather of an hour in a line: “21 °C, 60 % humid, wind 6 km/h”. */
final class WeatherWords
{
    /** °C of a line that {@see of} wrote; null where there is none. */
    public static function celsius(string $line): ?float
    {
        return preg_match('/^(-?\d+(?:\.\d+)?) °C/', $line, $found) === 1 ? (float) $found[1] : null;
    }

    public static function of(ToldHour $hour): string
    {
        return implode(', ', array_filter([
            Figures::short(round($hour->temperature)) . ' °C',
            Figures::short(round($hour->humidity)) . ' % humid',
            $hour->wind === null ? '' : Say::it('wording/weather-words.wind-km-h', ['wind' => Figures::short(round($hour->wind))]),
            $hour->rain === null || $hour->rain <= 0.0 ? '' : Say::it('wording/weather-words.rain-mm', ['rain' => Figures::short($hour->rain)]),
        ], static fn(string $part): bool => $part !== ''));
    }
}
