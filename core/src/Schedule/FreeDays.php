<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/**
 * The days on which somebody has time for a round: weekdays, and none while one is away. Common practice, no source. Days are like 2026-05-03,
 * by the clock of the place.
 */
final readonly class FreeDays
{
    private const WEEKDAYS = ScheduleLines::WEEK['value'];

    /**
     * @param array<int, true>            $weekdays 1 for Monday to 7 for Sunday
     * @param list<array{string, string}> $away     first and last days, earliest first
     */
    private function __construct(private array $weekdays, private array $away) {}

    public static function every(): self
    {
        return new self([], []);
    }

    /**
     * @param list<int>                   $weekdays 1 for Monday to 7 for Sunday; none is every day
     * @param list<array{string, string}> $away     first and last days
     *
     * @throws InvalidDocument when one is no weekday, or one comes back before one goes
     */
    public static function of(array $weekdays, array $away): self
    {
        foreach ($weekdays as $i => $one) {
            if ($one < 1 || $one > self::WEEKDAYS) {
                throw InvalidDocument::because("/weekdays/{$i}", Say::it('schedule/free-days.no-weekday', ['found' => $one]), $one);
            }
        }
        foreach ($away as $i => [$from, $until]) {
            if ($until < $from) {
                throw InvalidDocument::because("/away/{$i}/until", Say::it('schedule/free-days.back-before-going', ['from' => $from, 'until' => $until]), $until);
            }
        }
        sort($away);

        return new self(count(array_unique($weekdays)) === self::WEEKDAYS ? [] : array_fill_keys($weekdays, true), $away);
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $all = $node->open();
        $days = static function (Node $one): array {
            $span = $one->object(['from', 'until']);

            return [$span->get('from')->day(), $span->get('until')->day()];
        };

        return self::of(
            array_map(static fn(Node $one): int => $one->whole(1, self::WEEKDAYS), $all->optional('weekdays')?->items(0, self::WEEKDAYS, Say::it('schedule/free-days.weekdays')) ?? []),
            array_map($days, $all->optional('away')?->items(0, ScheduleLines::MOST_AWAY['value'], Say::it('schedule/free-days.times-away')) ?? []),
        );
    }

    /** @return array{weekdays: list<int>, away: list<array{from: string, until: string}>} all seven where every weekday is had */
    public function told(): array
    {
        $weekdays = $this->weekdays === [] ? range(1, self::WEEKDAYS) : array_keys($this->weekdays);
        sort($weekdays);

        return ['weekdays' => $weekdays, 'away' => array_map(static fn(array $one): array => ['from' => $one[0], 'until' => $one[1]], $this->away)];
    }

    /** Whether every day is had. */
    public function areAll(): bool
    {
        return $this->weekdays === [] && $this->away === [];
    }

    public function isFree(string $day): bool
    {
        return ! $this->isAway($day) && ($this->weekdays === [] || isset($this->weekdays[(int) (new DateTimeImmutable($day))->format('N')]));
    }

    /** @param bool $isChosen whether the day was chosen, so that weekdays count no more */
    public function has(string $day, bool $isChosen): bool
    {
        return $isChosen ? ! $this->isAway($day) : $this->isFree($day);
    }

    public function isAway(string $day): bool
    {
        foreach ($this->away as [$from, $until]) {
            if ($from <= $day && $day <= $until) {
                return true;
            }
        }

        return false;
    }

    /**
     * The nearest day that is had, the earlier of two as near: what hatches meanwhile grows up.
     *
     * @param string $wanted   the day that would be best
     * @param string $earliest not before that; where it is after the other, that is the best
     * @param bool   $isChosen whether it was chosen, so that weekdays count no more
     *
     * @return string the wanted day where none is had within a year
     */
    public function nearest(string $wanted, string $earliest, bool $isChosen = false): string
    {
        $wanted = max($wanted, $earliest);
        $at = new DateTimeImmutable($wanted);
        for ($days = 0; $days <= ScheduleLines::ONCE_A_YEAR['value']; ++$days) {
            foreach ([$at->modify("-{$days} days")->format('Y-m-d'), $at->modify("+{$days} days")->format('Y-m-d')] as $day) {
                if ($day >= $earliest && $this->has($day, $isChosen)) {
                    return $day;
                }
            }
        }

        return $wanted;
    }
}
