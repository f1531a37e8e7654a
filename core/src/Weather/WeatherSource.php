<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Somebody who tells the weather of a place: a station, a file, a person at the door. */
interface WeatherSource
{
    public function kind(): TellerKind;

    /** As the household calls it; empty where it has no name. */
    public function name(): string;

    /**
     * @param int $from  seconds since 1970, the start of an hour
     * @param int $count hours
     *
     * @return list<ToldHour> those that it knows of them, earliest first
     */
    public function hours(Place $place, int $from, int $count): array;
}
