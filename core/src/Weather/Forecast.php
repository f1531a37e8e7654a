<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Hours of a place with who told each of them. */
final readonly class Forecast
{
    /**
     * @param list<ToldHour> $hours earliest first
     * @param list<Teller>   $tellers in the order of the hours; one that speaks again stands again
     */
    private function __construct(public array $hours, public array $tellers) {}

    /**
     * @param list<WeatherSource> $sources the first that knows an hour tells it
     * @param int                 $from    seconds since 1970, the start of an hour
     */
    public static function of(array $sources, Place $place, int $from, int $count): self
    {
        $by = [];
        foreach ($sources as $source) {
            foreach ($source->hours($place, $from, $count) as $hour) {
                $by[$hour->at] ??= [$hour, $source];
            }
        }
        ksort($by);
        $tellers = [];
        foreach ($by as $at => [, $source]) {
            $last = $tellers === [] ? null : $tellers[count($tellers) - 1];
            if ($last !== null && $last->kind === $source->kind() && $last->name === $source->name()) {
                array_pop($tellers);
                $tellers[] = new Teller($last->kind, $last->name, $last->from, $at + WeatherLines::APART['value']);
            } else {
                $tellers[] = new Teller($source->kind(), $source->name(), $at, $at + WeatherLines::APART['value']);
            }
        }

        return new self(array_map(static fn(array $one): ToldHour => $one[0], array_values($by)), $tellers);
    }

    /**
     * The same hours in a room that is kept at one temperature, away from wind and rain.
     *
     * @param float $celsius °C
     */
    public function inside(float $celsius): self
    {
        return new self(array_map(static fn(ToldHour $hour): ToldHour => new ToldHour($hour->at, $celsius, WeatherLines::ROOM_HUMIDITY['value'], 0.0, 0.0, $hour->cloud), $this->hours), $this->tellers);
    }
}
