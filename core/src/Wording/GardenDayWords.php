<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Weather\GardenDay;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says the day in the garden: when to spray, and what the sky does. */
final readonly class GardenDayWords
{
    /**
     * @param bool        $due    whether something is to be sprayed today
     * @param Window|null $window the hours for it; null where there are none today
     *
     * @throws MissingWords when a sentence is not in the catalogue
     */
    public function spray(bool $due, ?Window $window, DateTimeImmutable $now, DateTimeZone $zone): string
    {
        if (! $due) {
            return Say::it('garden-day/nothing-due');
        }
        if ($window === null) {
            return Say::it('garden-day/no-hour');
        }
        $isWhole = self::day($window->to, $zone) !== $now->setTimezone($zone)->format('Y-m-d');

        return match (true) {
            $window->from > $now->getTimestamp() => Say::it('garden-day/spray', ['from' => self::hour($window->from, $zone), 'to' => self::hour($window->to, $zone)]),
            $isWhole => Say::it('garden-day/spray-any'),
            default => Say::it('garden-day/spray-until', ['to' => self::hour($window->to, $zone)]),
        };
    }

    /** @throws MissingWords when a sentence is not in the catalogue */
    public function sky(GardenDay $day, DateTimeImmutable $now, DateTimeZone $zone): string
    {
        $rain = match (true) {
            $day->rainsAt === null => Say::it('garden-day/dry-as-told'),
            $day->rainsAt <= $now->getTimestamp() => Say::it('garden-day/rains-now'),
            self::day($day->rainsAt, $zone) === $now->setTimezone($zone)->format('Y-m-d') => Say::it('garden-day/rains-today', ['at' => self::hour($day->rainsAt, $zone)]),
            default => Say::it('garden-day/dry-till', ['day' => (new DateTimeImmutable("@{$day->rainsAt}"))->setTimezone($zone)->format('l')]),
        };

        return ($day->calm ? Say::it('garden-day/calm', ['rain' => $rain]) : Say::it('garden-day/windy', ['rain' => $rain]));
    }

    private static function day(int $at, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable("@{$at}"))->setTimezone($zone)->format('Y-m-d');
    }

    private static function hour(int $at, DateTimeZone $zone): string
    {
        return (new DateTimeImmutable("@{$at}"))->setTimezone($zone)->format('H:i');
    }
}
