<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/**
 * Reads what somebody says of the weather at the door: “24 C, breeze, dry”.
 *
 * @phpstan-type DoorWords array{wind: array<string, float>, humidity: array<string, float>, cloud: array<string, float>, rain: array<string, float>, skip: list<string>}
 */
final readonly class DoorReader
{
    /** @param DoorWords $words */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var DoorWords $words */
        $words = Say::words('reading/door');

        return new self($words);
    }

    /**
     * @param int    $at   seconds since 1970
     * @param string $path where the text stands in what was sent
     *
     * @throws InvalidDocument when there is no temperature in it, or a word that means nothing here
     */
    public function read(string $text, int $at, string $path): ToldHour
    {
        $told = ['wind' => null, 'humidity' => null, 'cloud' => null, 'rain' => null];
        $celsius = null;
        foreach (self::parts($text) as $part) {
            $degrees = self::degrees($part);
            if ($degrees !== null) {
                $celsius = $celsius === null ? $degrees : throw InvalidDocument::because($path, Say::it('weather/door-reader.there-are-two-temperatures-here'), $part);
                continue;
            }
            $figure = self::figure($part);
            if ($figure !== null) {
                $told[$figure[0]] = $figure[1];
                continue;
            }
            if (! in_array($part, $this->words['skip'], true)) {
                [$of, $value] = $this->word($part) ?? throw InvalidDocument::because($path, Say::it('weather/door-reader.says-nothing-of-weather-here', ['known' => $this->known()]), $part);
                $told[$of] = $value;
            }
        }
        if ($celsius === null) {
            throw InvalidDocument::because($path, Say::it('weather/door-reader.how-warm-say-like-24'), $text === '' ? null : $text);
        }
        if ($celsius < InputLines::COLDEST_AIR['value'] || $celsius > InputLines::HOTTEST_AIR['value']) {
            throw InvalidDocument::because($path, Say::it('weather/door-reader.expected-to-c-found', ['coldest-air' => InputLines::COLDEST_AIR['value'], 'hottest-air' => InputLines::HOTTEST_AIR['value']]), $text);
        }

        return new ToldHour($at, $celsius, $told['humidity'] ?? WeatherLines::USUAL_HUMIDITY['value'], $told['wind'], $told['rain'] ?? 0.0, $told['cloud']);
    }

    /** @return list<string> in small letters, without what joins them */
    private static function parts(string $text): array
    {
        $joined = preg_replace(['/(\d)\s*(?:°\s*|degrees?\s*)?(c|f)(?:elsius|ahrenheit)?\b/u', '/(\d)\s*(?:%|percent)/u', '#(\d)\s*(?:km/h|kmh|kph)#u', '/(\d)\s*mph/u'], ['$1°$2', '$1%', '$1kmh', '$1mph'], mb_strtolower(trim($text)));
        $parts = preg_split('/[\s,;.]+(?!\d)|[\s,;]+/u', (string) $joined);

        return array_values(array_filter($parts === false ? [] : $parts, static fn(string $part): bool => $part !== ''));
    }

    /** °C; null where it is no temperature. */
    private static function degrees(string $part): ?float
    {
        if (preg_match('/\A(-?\d{1,3}(?:\.\d)?)°(c|f)\z/u', $part, $found) !== 1) {
            return null;
        }

        return Temperature::of((float) $found[1], $found[2] === 'c' ? Unit::Celsius : Unit::Fahrenheit)->celsius();
    }

    /** @return array{string, float}|null what is told with its unit, and how much */
    private static function figure(string $part): ?array
    {
        if (preg_match('/\A(\d{1,3}(?:\.\d)?)(%|kmh|mph)\z/u', $part, $found) !== 1) {
            return null;
        }
        $number = (float) $found[1];

        return match ($found[2]) {
            '%' => ['humidity', min(100.0, $number)],
            'kmh' => ['wind', $number],
            default => ['wind', $number * WeatherLines::MILE['value']],
        };
    }

    /** @return array{string, float}|null */
    private function word(string $part): ?array
    {
        foreach (['wind', 'humidity', 'cloud', 'rain'] as $of) {
            if (isset($this->words[$of][$part])) {
                return [$of, $this->words[$of][$part]];
            }
        }

        return null;
    }

    private function known(): string
    {
        return implode(', ', array_keys([...$this->words['wind'], ...$this->words['humidity'], ...$this->words['cloud'], ...$this->words['rain']]));
    }
}
