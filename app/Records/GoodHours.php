<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Weather\Forecast;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\JudgedHour;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Spray;
use IdleMixer\Core\Weather\Week;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Weather\Windows;
use Psr\Clock\ClockInterface;

/** The hours to come that a plant may be sprayed in, and how warm it is where it stands: asked once for all plants. */
final class GoodHours
{
    private ?Forecast $forecast = null;

    /** @var array<string, Week> outdoors and in */
    private array $weeks = [];

    private DateTimeImmutable $now;

    public function __construct(private readonly GardenBook $garden, private readonly WeatherBook $weather, private readonly HourJudge $judge, private readonly Reading $reading, ClockInterface $clock)
    {
        $this->now = $clock->now();
    }

    /** The same at that time, with the weather that is told then. */
    public function at(DateTimeImmutable $now): self
    {
        $fresh = clone $this;
        $fresh->forecast = null;
        $fresh->weeks = [];
        $fresh->now = $now;

        return $fresh;
    }

    /** @return array{list<Window>|null, DateTimeImmutable} from now on, null where nobody knows of what or where, and where the forecast ends */
    public function of(Plant $plant, ?Spray $spray): array
    {
        $place = $this->garden->place();
        if ($spray === null || $place === null) {
            return [null, $this->now];
        }
        $week = $this->week($place, $plant->indoors);
        $from = WeatherBook::hour($this->now);
        $judged = array_values(array_filter($this->judge->judge($week, $spray, PlantStands::of($plant, $this->now)), static fn(JudgedHour $hour): bool => $hour->hour->told->at >= $from));
        $end = $judged === [] ? $from : $judged[count($judged) - 1]->hour->told->at + WeatherBook::HOUR;

        return [Windows::all($judged), new DateTimeImmutable("@{$end}")];
    }

    /** Where the forecast ends; null where nobody said where the garden lies. */
    public function until(): ?DateTimeImmutable
    {
        $place = $this->garden->place();
        $hours = $place === null ? [] : $this->forecast($place)->hours;

        return $hours === [] ? null : new DateTimeImmutable('@' . ($hours[count($hours) - 1]->at + WeatherBook::HOUR));
    }

    /** °C; mean of the week to come where the plant stands; null where nobody said where that is. */
    public function celsius(Plant $plant): ?float
    {
        $place = $this->garden->place();
        if ($place === null || $plant->indoors) {
            return $place === null ? null : $this->garden->room();
        }
        $hours = $this->forecast($place)->hours;

        return $hours === [] ? null : array_sum(array_map(static fn($hour): float => $hour->temperature, $hours)) / count($hours);
    }

    private function week(Place $place, bool $indoors): Week
    {
        $where = $indoors ? 'in' : 'out';

        return $this->weeks[$where] ??= $this->reading->once("week/{$where}/{$this->now->getTimestamp()}", fn(): Week => Week::of($place, $indoors ? $this->forecast($place)->inside($this->garden->room())->hours : $this->forecast($place)->hours));
    }

    private function forecast(Place $place): Forecast
    {
        return $this->forecast ??= $this->weather->around($place, $this->now);
    }
}
