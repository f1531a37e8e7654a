<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use DateTimeImmutable;
use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\JsonText;

/** Hours as they are told to the console, and what it answers. */
final class Weather
{
    private const BEFORE = 12;

    private const AFTER = 72;

    /**
     * One hour among others that are like it, asked of the product as another program would.
     *
     * @param array{float, float, float, float, float} $air  temperature °C, humidity %, wind km/h, rain mm, cloud %
     * @param array<array-key, mixed>                  $more keys of the request; `then` holds hours that differ, by offset; `latitude`, `longitude`
     *
     * @return array{verdict: string, codes: list<string>, texts: list<string>}
     */
    public static function judged(string $spray, string $at, array $air, array $more = []): array
    {
        $then = is_array($more['then'] ?? null) ? $more['then'] : [];
        $start = new DateTimeImmutable($at);
        $hours = [];
        for ($offset = -self::BEFORE; $offset <= self::AFTER; ++$offset) {
            $differs = is_array($then[$offset] ?? null) ? $then[$offset] : [];
            $hours[] = [...self::hour($start->modify("{$offset} hours"), $offset === 0 ? $air : [$air[0], $air[1], $air[2], 0.0, $air[4]]), ...$differs];
        }
        $answer = Hours::shipped()->answer(JsonText::parse(json_encode([
            'place' => ['latitude' => $more['latitude'] ?? 50.0, 'longitude' => $more['longitude'] ?? 10.0, 'zone' => 'UTC'],
            'recipe' => $spray,
            'hours' => $hours,
            ...array_diff_key($more, ['then' => 0, 'latitude' => 0, 'longitude' => 0]),
        ], \JSON_THROW_ON_ERROR)));
        $hour = $answer['hours'][self::BEFORE];

        return [
            'verdict' => $hour['verdict'],
            'codes' => array_column($hour['reasons'], 'code'),
            'texts' => array_column($hour['reasons'], 'text'),
        ];
    }

    /**
     * @param array{float, float, float, float, float} $air
     *
     * @return array{at: string, temperature_C: float, humidity_percent: float, wind_kmh: float, rain_mm: float, cloud_percent: float}
     */
    public static function hour(DateTimeImmutable $at, array $air): array
    {
        return ['at' => $at->format('Y-m-d\TH:i:s\Z'), 'temperature_C' => $air[0], 'humidity_percent' => $air[1], 'wind_kmh' => $air[2], 'rain_mm' => $air[3], 'cloud_percent' => $air[4]];
    }
}
