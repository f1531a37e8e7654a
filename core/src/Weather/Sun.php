<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;

/**
 * Where the sun stands: the low precision formulas of the Astronomical Almanac (to 0.01° between 1950 and 2050, some
 * hundredths of a degree a century beyond; from memory).
 */
final class Sun
{
    /** Seconds since 1970 of noon on 1 January 2000. */
    private const EPOCH = 946728000;

    private const SECONDS_A_DAY = 86400.0;

    private const SECONDS_A_DEGREE = 240.0;

    private const SECONDS_A_MINUTE = 60;

    /** Degrees; half the disc and what the air bends. */
    private const RISES_AT = -0.833;

    /**
     * Degrees above the horizon, without what the air bends.
     *
     * @param int $at seconds since 1970
     */
    public static function elevation(Place $place, int $at): float
    {
        [$declination, $greenwich] = self::sky($at);
        $angle = deg2rad($greenwich + $place->longitude);
        $latitude = deg2rad($place->latitude);

        return rad2deg(asin(max(-1.0, min(1.0, sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($angle)))));
    }

    /**
     * When nobody sees any more what is sprayed.
     *
     * @param int $from seconds since 1970
     * @param int $long seconds from then on in which it is looked for; under half a day
     *
     * @return int|null seconds since 1970, to the minute before; null where it is dark from the start, or does not become so
     */
    public static function darkWithin(Place $place, int $from, int $long): ?int
    {
        $dark = WeatherLines::DARK['value'];
        [$low, $high] = [$from, $from + $long];
        $above = self::elevation($place, $low) - $dark;
        // The sun sinks by 15° an hour at the most: most hours of a day are far from it.
        if ($above < 0.0 || $above * self::SECONDS_A_DEGREE > $long || self::elevation($place, $high) >= $dark) {
            return null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if (self::elevation($place, $middle) < $dark) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return intdiv($low, self::SECONDS_A_MINUTE) * self::SECONDS_A_MINUTE;
    }

    /** The day of the sun that the date at that place is. */
    public static function day(Place $place, DateTimeImmutable $at): SunDay
    {
        // Noon of the place by the sun lies within half a day of its mean noon.
        $date = $at->setTimezone($place->zone)->format('Y-m-d');
        $mean = (new DateTimeImmutable("{$date}T12:00:00Z"))->getTimestamp() - (int) round($place->longitude * self::SECONDS_A_DEGREE);
        [, $greenwich] = self::sky($mean);
        $off = fmod($greenwich + $place->longitude + 540.0, 360.0) - 180.0;
        $noon = $mean - (int) round($off * self::SECONDS_A_DEGREE);
        $half = self::half($place, $noon);
        if ($half === null) {
            return new SunDay($noon, null, null, self::elevation($place, $noon) > self::RISES_AT);
        }
        // Declination moves within the day: once more at the hour itself.
        return new SunDay($noon, $noon - (self::half($place, $noon - $half) ?? $half), $noon + (self::half($place, $noon + $half) ?? $half), true);
    }

    /** @return int|null seconds from noon to where the sun touches the horizon; null where it does not */
    private static function half(Place $place, int $at): ?int
    {
        [$declination] = self::sky($at);
        $latitude = deg2rad($place->latitude);
        $below = cos($latitude) * cos($declination);
        $cosine = $below === 0.0 ? 2.0 : (sin(deg2rad(self::RISES_AT)) - sin($latitude) * sin($declination)) / $below;

        return abs($cosine) > 1.0 ? null : (int) round(rad2deg(acos($cosine)) * self::SECONDS_A_DEGREE);
    }

    /** @return array{float, float} declination in radians, and the hour angle at Greenwich in degrees */
    private static function sky(int $at): array
    {
        $days = ($at - self::EPOCH) / self::SECONDS_A_DAY;
        $longitude = 280.460 + 0.9856474 * $days;
        $anomaly = deg2rad(357.528 + 0.9856003 * $days);
        $ecliptic = deg2rad($longitude + 1.915 * sin($anomaly) + 0.020 * sin(2.0 * $anomaly));
        $tilt = deg2rad(23.439 - 0.0000004 * $days);
        $ascension = rad2deg(atan2(cos($tilt) * sin($ecliptic), cos($ecliptic)));
        $sidereal = 280.46062 + 360.98564737 * $days;

        return [asin(sin($tilt) * sin($ecliptic)), fmod($sidereal - $ascension, 360.0)];
    }
}
