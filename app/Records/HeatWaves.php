<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\WeatherReport;
use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Weather\HeatWave;

/** The last heat wave of the garden, for as long as a leaf test speaks; looked up once as long as nobody tells of other weather. */
final class HeatWaves
{
    private const HOURS = 24;

    private ?string $of = null;

    private ?DateTimeImmutable $last = null;

    public function __construct(private readonly WeatherBook $weather, private readonly GardenBook $garden, private readonly Reading $reading) {}

    /** The start of its last day; null where there was none, or nobody tells of the weather. */
    public function last(DateTimeImmutable $now): ?DateTimeImmutable
    {
        $row = $this->garden->row();
        $place = $this->garden->place();
        if ($row === null || $place === null) {
            return null;
        }
        $hour = WeatherBook::hour($now);
        $told = $this->reading->once('weather-told', static fn(): mixed => WeatherReport::query()->max('id'));
        $of = implode(' ', [$row->version, $hour, is_int($told) ? $told : 0]);
        if ($of !== $this->of) {
            $hours = LeafLines::FADES['value'] * self::HOURS;
            $this->of = $of;
            $this->last = HeatWave::last($this->weather->between($place, $hour - WeatherBook::HOUR * $hours, $hours, $now)->hours, $place->zone);
        }

        return $this->last;
    }
}
