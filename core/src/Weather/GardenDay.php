<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;

/** The day in the garden: its hours, its sun, whether it is calm, and how long it stays dry. */
final readonly class GardenDay
{
    /** @param list<ToldHour> $hours of that day, by the clock of the place, as far as they are told */
    private function __construct(
        public array $hours,
        public SunDay $sun,
        /** Whether no hour of it that is left has more wind than a mist bears well. */
        public bool $calm,
        /** Seconds since 1970 of the first hour to come in which it rains; null where none is told. */
        public ?int $rainsAt,
    ) {}

    /** @param list<ToldHour> $hours that are told, earliest first; those of the day before do no harm */
    public static function of(Place $place, array $hours, DateTimeImmutable $now): self
    {
        $day = static fn(int $at): string => (new DateTimeImmutable("@{$at}"))->setTimezone($place->zone)->format('Y-m-d');
        $today = $day($now->getTimestamp());
        $those = array_values(array_filter($hours, static fn(ToldHour $one): bool => $day($one->at) === $today));
        $ahead = array_values(array_filter($hours, static fn(ToldHour $one): bool => $one->at + WeatherLines::APART['value'] > $now->getTimestamp()));
        $rain = array_values(array_filter($ahead, static fn(ToldHour $one): bool => $one->rain !== null && $one->rain >= WeatherLines::RAIN['value']))[0] ?? null;
        $wind = array_filter($ahead, static fn(ToldHour $one): bool => $day($one->at) === $today && $one->wind !== null && $one->wind > WeatherLines::WIND_GOOD['value']);

        return new self($those, Sun::day($place, $now), $wind === [], $rain?->at);
    }

    /**
     * Between what temperatures all of a spray is borne.
     *
     * @return array{float, float} °C
     */
    public static function bearable(Spray $spray): array
    {
        return [max(array_map(static fn(Want $want): float => $want->cold->value, $spray->wants)), min(array_map(static fn(Want $want): float => $want->hot->value, $spray->wants))];
    }
}
