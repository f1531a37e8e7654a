<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Hours that somebody told once: a file, or what was said at the door, which holds for some hours. */
final readonly class ToldHours implements WeatherSource
{
    private const HOUR = 3600;

    /** @param array<int, ToldHour> $hours by the start of their hour, in seconds since 1970 */
    private function __construct(private TellerKind $kind, private string $name, private array $hours) {}

    /** @param list<ToldHour> $hours */
    public static function ofFile(string $name, array $hours): self
    {
        $by = [];
        foreach ($hours as $hour) {
            $by[self::start($hour->at)] = self::at($hour, self::start($hour->at));
        }

        return new self(TellerKind::File, $name, $by);
    }

    /** @param int $holds hours that it holds for, the first among them */
    public static function atTheDoor(string $name, ToldHour $hour, int $holds): self
    {
        $by = [];
        for ($i = 0; $i < $holds; ++$i) {
            $start = self::start($hour->at) + $i * self::HOUR;
            $by[$start] = self::at($hour, $start);
        }

        return new self(TellerKind::Door, $name, $by);
    }

    public function kind(): TellerKind
    {
        return $this->kind;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function hours(Place $place, int $from, int $count): array
    {
        $known = [];
        for ($i = 0; $i < $count; ++$i) {
            $hour = $this->hours[$from + $i * self::HOUR] ?? null;
            if ($hour !== null) {
                $known[] = $hour;
            }
        }

        return $known;
    }

    private static function start(int $at): int
    {
        return intdiv($at, self::HOUR) * self::HOUR;
    }

    private static function at(ToldHour $hour, int $start): ToldHour
    {
        return new ToldHour($start, $hour->temperature, $hour->humidity, $hour->wind, $hour->rain, $hour->cloud);
    }
}
