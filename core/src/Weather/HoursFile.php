<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Words\Say;

/** Reads a file of hours: JSON as `schemas/weather.schema.json` has it, or a table whose first line has the same names. */
final readonly class HoursFile
{
    private const COLUMNS = ['at', 'temperature_C', 'humidity_percent', 'wind_kmh', 'rain_mm', 'cloud_percent'];

    public function __construct(private WeatherReader $reader) {}

    /**
     * @return non-empty-list<ToldHour> earliest first
     *
     * @throws InvalidDocument with the path or the row of the first fault found
     */
    public function read(string $text): array
    {
        $text = preg_replace('/\A\x{FEFF}/u', '', $text);
        if ($text === null) {
            throw InvalidDocument::because('', Say::it('weather/hours-file.file-not-written-in-utf'), null);
        }
        $json = str_starts_with(ltrim($text), '{') ? JsonText::parse($text) : JsonText::parse(json_encode(['hours' => self::rows($text)], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));

        return $this->reader->hours($json->object(['hours'])->get('hours'));
    }

    /**
     * @return list<array<string, string|float|null>>
     *
     * @throws InvalidDocument when a column is not known or missing, or a row is longer than its head
     */
    private static function rows(string $text): array
    {
        $lines = array_values(array_filter(explode("\n", str_replace(["\r\n", "\r"], "\n", $text)), static fn(string $line): bool => trim($line) !== ''));
        $between = str_contains($lines[0] ?? '', ';') ? ';' : (str_contains($lines[0] ?? '', "\t") ? "\t" : ',');
        $head = array_map(trim(...), array_map(strval(...), str_getcsv($lines[0] ?? '', $between, '"', '')));
        foreach ($head as $name) {
            if (! in_array($name, self::COLUMNS, true)) {
                throw InvalidDocument::because('/1', Say::it('weather/hours-file.first-line-names-columns-none', ['columns' => implode(', ', self::COLUMNS)]), $name);
            }
        }
        if (count($lines) - 1 > WeatherLines::MOST_HOURS['value']) {
            throw InvalidDocument::because('', Say::it('weather/hours-file.at-most-hours-may-stand', ['most-hours' => WeatherLines::MOST_HOURS['value']]), count($lines) - 1);
        }
        $rows = [];
        foreach (array_slice($lines, 1) as $i => $line) {
            $cells = str_getcsv($line, $between, '"', '');
            if (count($cells) > count($head)) {
                throw InvalidDocument::because('/' . ($i + 2), Say::it('weather/hours-file.this-line-has-more-cells'), null);
            }
            $row = [];
            foreach ($cells as $k => $cell) {
                $row[$head[$k]] = self::cell($head[$k], trim((string) $cell));
            }
            $rows[] = $row;
        }

        return $rows;
    }

    private static function cell(string $name, string $text): string|float|null
    {
        return match (true) {
            $text === '' => null,
            $name === 'at' || ! is_numeric($text) => $text,
            default => (float) $text,
        };
    }
}
