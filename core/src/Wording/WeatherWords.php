<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Weather\TellerKind;
use IdleMixer\Core\Words\Say;

/** The weather of an hour in a line: “21 °C, 60 % humid, wind 6 km/h (the simulated station)”. */
final class WeatherWords
{
    /** Empty where nothing is kept. */
    public static function of(?KeptWeather $kept): string
    {
        if ($kept === null || $kept->said !== '') {
            return $kept->said ?? '';
        }
        $weather = implode(', ', array_filter([
            $kept->celsius === null ? '' : Written::warmth(round($kept->celsius)),
            $kept->humidity === null ? '' : Say::it('wording/weather-words.humid', ['humidity' => Figures::short(round($kept->humidity))]),
            $kept->wind === null ? '' : Say::it('wording/weather-words.wind', ['wind' => Written::wind($kept->wind)]),
            $kept->rain === null || $kept->rain <= 0.0 ? '' : Say::it('wording/weather-words.rain', ['rain' => Written::rain($kept->rain, 1)]),
        ], static fn(string $part): bool => $part !== ''));

        return $kept->teller === null ? $weather : Say::it('wording/weather-words.told-by', ['weather' => $weather, 'teller' => self::teller($kept->teller, $kept->name)]);
    }

    public static function teller(TellerKind $kind, string $name): string
    {
        return match ($kind) {
            TellerKind::Station => Say::it('wording/weather-words.station'),
            TellerKind::File => Say::it('wording/weather-words.file', ['name' => $name]),
            TellerKind::Door => Say::it('wording/weather-words.door', ['name' => $name]),
        };
    }
}
