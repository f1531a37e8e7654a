<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;

/** Writes hours as `schemas/weather.schema.json` has them. */
final class HoursWriter
{
    /**
     * @param list<ToldHour> $hours
     *
     * @return array{hours: list<array{at: string, temperature_C: float, humidity_percent: float, wind_kmh: float|null, rain_mm: float|null, cloud_percent: float|null}>}
     */
    public static function write(array $hours): array
    {
        return ['hours' => array_map(static fn(ToldHour $hour): array => [
            'at' => (new DateTimeImmutable("@{$hour->at}"))->format('Y-m-d\TH:i:s\Z'),
            'temperature_C' => $hour->temperature,
            'humidity_percent' => $hour->humidity,
            'wind_kmh' => $hour->wind,
            'rain_mm' => $hour->rain,
            'cloud_percent' => $hour->cloud,
        ], $hours)];
    }
}
