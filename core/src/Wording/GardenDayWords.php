<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Schedule\BestHours;
use IdleMixer\Core\Weather\GardenDay;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says the day in the garden: when to spray, and what the sky does. */
final readonly class GardenDayWords
{
    /**
     * @param bool            $due  whether something is to be sprayed today
     * @param list<BestHours> $best of each of those whose hours are known
     *
     * @throws MissingWords when a sentence is not in the catalogue
     */
    public function spray(bool $due, array $best, DateTimeImmutable $now, DateTimeZone $zone): string
    {
        if (! $due) {
            return Say::it('garden-day/nothing-due');
        }
        if ($best === []) {
            return Say::it('garden-day/unchosen');
        }
        $shared = BestHours::shared(...$best);
        if ($shared === null) {
            usort($best, static fn(BestHours $a, BestHours $b): int => $a->to <=> $b->to);

            return Say::it('garden-day/first', ['from' => self::hour($best[0]->from, $zone), 'to' => self::hour($best[0]->to, $zone)]);
        }

        return match (true) {
            $shared->from > $now => Say::it('garden-day/spray', ['from' => self::hour($shared->from, $zone), 'to' => self::hour($shared->to, $zone)]),
            self::day($shared->to, $zone) !== self::day($now, $zone) => Say::it('garden-day/spray-any'),
            default => Say::it('garden-day/spray-until', ['to' => self::hour($shared->to, $zone)]),
        };
    }

    /** @throws MissingWords when a sentence is not in the catalogue */
    public function sky(GardenDay $day, DateTimeImmutable $now, DateTimeZone $zone): string
    {
        $rain = match (true) {
            $day->rainsAt === null => Say::it('garden-day/dry-as-told'),
            $day->rainsAt <= $now->getTimestamp() => Say::it('garden-day/rains-now'),
            self::day(self::at($day->rainsAt), $zone) === self::day($now, $zone) => Say::it('garden-day/rains-today', ['at' => self::hour(self::at($day->rainsAt), $zone)]),
            default => Say::it('garden-day/dry-till', ['day' => self::at($day->rainsAt)->setTimezone($zone)->format('l')]),
        };

        return ($day->calm ? Say::it('garden-day/calm', ['rain' => $rain]) : Say::it('garden-day/windy', ['rain' => $rain]));
    }

    private static function at(int $seconds): DateTimeImmutable
    {
        return new DateTimeImmutable("@{$seconds}");
    }

    private static function day(DateTimeImmutable $at, DateTimeZone $zone): string
    {
        return $at->setTimezone($zone)->format('Y-m-d');
    }

    private static function hour(DateTimeImmutable $at, DateTimeZone $zone): string
    {
        return Written::hour($at->setTimezone($zone));
    }
}
