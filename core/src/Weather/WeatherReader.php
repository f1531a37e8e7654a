<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads places, lamps and hours of weather, strictly. */
final readonly class WeatherReader
{
    private const EARLIEST = '1970-01-01T00:00:00Z';

    private const LATEST = '2200-01-01T00:00:00Z';

    private const POLE = 90.0;

    private const HALF_WAY_ROUND = 180.0;

    /** @throws InvalidDocument with the path of the first fault found */
    public function place(Node $node): Place
    {
        $object = $node->object(['latitude', 'longitude', 'zone']);

        return new Place(
            self::within($object->get('latitude'), -self::POLE, self::POLE, Say::it('weather/weather-reader.degrees-of-latitude')),
            self::within($object->get('longitude'), -self::HALF_WAY_ROUND, self::HALF_WAY_ROUND, Say::it('weather/weather-reader.degrees-of-longitude')),
            self::zone($object->get('zone')),
        );
    }

    /** @throws InvalidDocument when there is no such time zone */
    public static function zone(Node $node): DateTimeZone
    {
        $name = $node->text(InputLines::LONGEST_NAME['value'], 1);
        // Names with their rules, as Europe/Berlin; an offset by itself knows no summer time.
        if (! in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw $node->fault(Say::it('weather/weather-reader.no-time-zone-expected-name'));
        }

        return new DateTimeZone($name);
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function lights(Node $node): GrowLights
    {
        $object = $node->object(['on', 'off']);

        return new GrowLights(self::minute($object->get('on')), self::minute($object->get('off')));
    }

    /**
     * @return non-empty-list<ToldHour> earliest first
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function hours(Node $node): array
    {
        $from = new DateTimeImmutable(self::EARLIEST);
        $to = new DateTimeImmutable(self::LATEST);
        $hours = [];
        $last = null;
        foreach ($node->items(1, WeatherLines::MOST_HOURS['value'], 'hours') as $item) {
            $object = $item->object(['at', 'temperature_C', 'humidity_percent', 'wind_kmh', 'rain_mm', 'cloud_percent']);
            $at = $object->get('at')->instant($from, $to)->getTimestamp();
            if ($last !== null && $at <= $last) {
                throw $object->get('at')->fault(Say::it('weather/weather-reader.hours-must-stand-in-order'));
            }
            $last = $at;
            $hours[] = new ToldHour(
                $at,
                self::within($object->get('temperature_C'), InputLines::COLDEST_AIR['value'], InputLines::HOTTEST_AIR['value'], '°C'),
                $object->get('humidity_percent')->countUpTo(100.0),
                $object->filled('wind_kmh')?->countUpTo(WeatherLines::MOST_WIND['value']),
                $object->filled('rain_mm')?->countUpTo(WeatherLines::MOST_RAIN['value']),
                $object->filled('cloud_percent')?->countUpTo(100.0),
            );
        }
        assert($hours !== []);

        return $hours;
    }

    private static function minute(Node $node): int
    {
        $text = $node->text(5);
        if (preg_match('/\A([01]\d|2[0-3]):([0-5]\d)\z/', $text, $found) !== 1) {
            throw $node->fault(Say::it('weather/weather-reader.expected-time-of-day-like'));
        }

        return 60 * (int) $found[1] + (int) $found[2];
    }

    private static function within(Node $node, float $low, float $high, string $unit): float
    {
        $number = $node->number();
        if ($number < $low || $number > $high) {
            throw $node->fault(Say::it('weather/weather-reader.expected-to-found', ['low' => $low, 'high' => $high, 'unit' => $unit]));
        }

        return $number;
    }
}
