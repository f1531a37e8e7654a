<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;

/** Hours of weather at a place, earliest first: reckoned once, asked for every plant. */
final readonly class Week
{
    private const SECONDS_AN_HOUR = 3600;

    /**
     * @param list<Hour>     $hours
     * @param list<int|null> $nextRain   by index: seconds since 1970 of the first hour after it that rains; null where none does
     * @param list<int|null> $nextFreeze the same of frost
     */
    private function __construct(public Place $place, public array $hours, private array $nextRain, private array $nextFreeze) {}

    /** @param list<ToldHour> $told earliest first */
    public static function of(Place $place, array $told): self
    {
        $hours = array_map(static function (ToldHour $hour) use ($place): Hour {
            $sun = Sun::elevation($place, $hour->at);
            $air = Air::of($hour->temperature, $hour->humidity);
            $open = 1.0 - (1.0 - WeatherLines::OVERCAST['value']) * ($hour->cloud ?? 0.0) / 100.0;
            $clock = (new DateTimeImmutable("@{$hour->at}"))->setTimezone($place->zone);

            return new Hour($hour, $sun, $air->deltaT(), $air->dewPoint(), max(0.0, sin(deg2rad($sun))) * $open, 60 * (int) $clock->format('G') + (int) $clock->format('i'), Sun::darkWithin($place, $hour->at, self::SECONDS_AN_HOUR));
        }, $told);

        return new self(
            $place,
            $hours,
            self::next($told, static fn(ToldHour $hour): bool => ($hour->rain ?? 0.0) >= WeatherLines::RAIN['value']),
            self::next($told, static fn(ToldHour $hour): bool => $hour->temperature <= WeatherLines::FROST['value']),
        );
    }

    /** The hour after this one; null where it is not told, or is not the next one. */
    public function after(int $index): ?Hour
    {
        $next = $this->hours[$index + 1] ?? null;

        return $next !== null && $next->told->at - $this->hours[$index]->told->at <= WeatherLines::APART['value'] ? $next : null;
    }

    /**
     * The first hour after this one that rains at least so much, and all that falls from this hour until `$hours` are over.
     *
     * @return array{float, float}|null hours from here to it, and mm; null where it stays dry
     */
    public function rainWithin(int $index, float $hours): ?array
    {
        $first = $this->secondsTo($this->nextRain[$index], $index, $hours);
        if ($first === null) {
            return null;
        }
        $sum = 0.0;
        foreach ($this->ahead($index, $hours) as $hour) {
            $sum += $hour->told->rain ?? 0.0;
        }

        return [$first / self::SECONDS_AN_HOUR, $sum];
    }

    /** @return float|null hours since it rained last, at most `$hours` */
    public function rainedWithin(int $index, float $hours): ?float
    {
        $at = $this->hours[$index]->told->at;
        for ($i = $index - 1; $i >= 0; --$i) {
            $since = $at - $this->hours[$i]->told->at;
            if ($since > $hours * self::SECONDS_AN_HOUR) {
                return null;
            }
            if (($this->hours[$i]->told->rain ?? 0.0) >= WeatherLines::RAIN['value']) {
                return $since / self::SECONDS_AN_HOUR;
            }
        }

        return null;
    }

    /** @return float|null hours until it freezes, at most `$hours`; null where it does not, as far as is told */
    public function freezesWithin(int $index, float $hours): ?float
    {
        $in = $this->secondsTo($this->nextFreeze[$index], $index, $hours);

        return $in === null ? null : $in / self::SECONDS_AN_HOUR;
    }

    /** °C; the coldest of this hour and those that are told for the next `$hours`. */
    public function coldest(int $index, float $hours): float
    {
        $coldest = $this->hours[$index]->told->temperature;
        foreach ($this->ahead($index, $hours) as $hour) {
            $coldest = min($coldest, $hour->told->temperature);
        }

        return $coldest;
    }

    /** Whether the weather of the next `$hours` is told. */
    public function reaches(int $index, float $hours): bool
    {
        $last = $this->hours[count($this->hours) - 1]->told->at;

        return $last - $this->hours[$index]->told->at >= $hours * self::SECONDS_AN_HOUR;
    }

    private function secondsTo(?int $next, int $index, float $hours): ?int
    {
        $in = $next === null ? null : $next - $this->hours[$index]->told->at;

        return $in === null || $in > $hours * self::SECONDS_AN_HOUR ? null : $in;
    }

    /**
     * @param list<ToldHour>           $told
     * @param callable(ToldHour): bool $is
     *
     * @return list<int|null>
     */
    private static function next(array $told, callable $is): array
    {
        $next = null;
        $all = [];
        for ($i = count($told) - 1; $i >= 0; --$i) {
            $all[] = $next;
            $next = $is($told[$i]) ? $told[$i]->at : $next;
        }

        return array_reverse($all);
    }

    /** @return iterable<int, Hour> by seconds from that hour */
    private function ahead(int $index, float $hours): iterable
    {
        $at = $this->hours[$index]->told->at;
        $many = count($this->hours);
        for ($i = $index + 1; $i < $many; ++$i) {
            $in = $this->hours[$i]->told->at - $at;
            if ($in > $hours * self::SECONDS_AN_HOUR) {
                return;
            }
            yield $in => $this->hours[$i];
        }
    }
}
