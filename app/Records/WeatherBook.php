<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\WeatherReport;
use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Weather\Forecast;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\ToldHours;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Weather\WeatherSource;

/** Asks everybody who tells the weather of the garden: who stood at the door, then the file or the station. */
final class WeatherBook
{
    public const HOUR = 3600;

    /** A file, and who stood at the door of a day. */
    private const MOST_READ = 32;

    /** @var array<string, list<ToldHour>> by what they were read from */
    private array $read = [];

    public function __construct(private readonly GardenBook $garden, private readonly WeatherSource $station, private readonly WeatherReader $reader, private readonly Reading $reading) {}

    /** The hours of a day back and a week ahead. */
    public function around(Place $place, DateTimeImmutable $now): Forecast
    {
        return $this->reading->once("around/{$now->getTimestamp()}", fn(): Forecast => $this->between($place, self::hour($now) - WeatherLines::BACK['value'] * self::HOUR, WeatherLines::BACK['value'] + WeatherLines::AHEAD['value'], $now));
    }

    /** @param int $from seconds since 1970, the start of an hour */
    public function between(Place $place, int $from, int $count, DateTimeImmutable $now): Forecast
    {
        return Forecast::of($this->sources($now), $place, $from, $count);
    }

    /** The file that was brought last; null where there is none. */
    public function file(): ?WeatherReport
    {
        return WeatherReport::query()->where('source', WeatherReport::FILE)->orderByDesc('id')->first();
    }

    /** @return list<ToldHour> */
    public function hoursOf(WeatherReport $report): array
    {
        $from = hash('xxh128', $report->hours);
        if (! isset($this->read[$from]) && count($this->read) >= self::MOST_READ) {
            $this->read = [];
        }

        return $this->read[$from] ??= $this->reader->hours(JsonText::kept($report->hours)->object(['hours'])->get('hours'));
    }

    /** Start of the hour, in seconds since 1970. */
    public static function hour(DateTimeImmutable $now): int
    {
        return intdiv($now->getTimestamp(), self::HOUR) * self::HOUR;
    }

    /** @return list<WeatherSource> the first that knows an hour tells it */
    private function sources(DateTimeImmutable $now): array
    {
        return $this->reading->once("tellers/{$now->getTimestamp()}", fn(): array => $this->tellers($now));
    }

    /** @return list<WeatherSource> */
    private function tellers(DateTimeImmutable $now): array
    {
        $sources = [];
        foreach (WeatherReport::query()->where('source', WeatherReport::DOOR)->where('told_at', '>', $now->modify('-1 day'))->orderByDesc('told_at')->orderByDesc('id')->get() as $report) {
            $sources[] = ToldHours::atTheDoor($report->name, $this->hoursOf($report)[0], WeatherLines::DOOR_HOLDS['value']);
        }
        $file = $this->garden->row()?->source === WeatherReport::FILE ? $this->file() : null;
        if ($file !== null) {
            $sources[] = ToldHours::ofFile($file->name, $this->hoursOf($file));
        } else {
            $sources[] = $this->station;
        }

        return $sources;
    }
}
