<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Method\Method;

/** What is asked of a search for the fewest rounds that end an outbreak. */
final readonly class Wanted
{
    /**
     * @param int $from   day from whose evening on is searched, days after the first count
     * @param int $first  first day on which may be sprayed
     * @param int $until  day on whose evening it is to be over, the last on which may be sprayed
     * @param int $gap    days from one round to the next at the least, 1 and more
     * @param int $atMost rounds
     * @param list<int> $closed days in between on which may not be sprayed
     * @param list<Kill> $others of sprays that take turns with the first, in their order
     */
    public function __construct(public Kill $kill, public int $from, public int $first, public int $until, public int $gap, public int $atMost, public array $closed = [], private array $others = []) {}

    /**
     * As often in a row as its school does it and as often as the season bears it, from today on, for so many weeks as are searched.
     *
     * @param float|null $everyDays from one round to the next, as close as they may follow; null where it is done once
     * @param int|null   $last      day of the last round; null where there was none
     * @param int|null   $next      day on which the next one is due, before which none may be; null where none is
     *
     * @param int        $had   rounds of it that were had in a row up to now
     * @param int|null   $left  rounds that the season bears yet; null where nothing limits them
     * @param list<int>  $closed days on which may not be sprayed
     *
     * @return self|null null where none may be sprayed as soon as that, or none any more
     */
    public static function bySchool(Kill $kill, Method $method, ?float $everyDays, int $today, ?int $last, ?int $next, int $had = 0, ?int $left = null, array $closed = []): ?self
    {
        if ($everyDays === null) {
            return null;
        }
        $gap = max(1, (int) ceil($everyDays));
        $first = $next ?? ($last === null ? $today : max($today, $last + $gap));
        $until = $today + PopulationLines::SEARCHED['value'];

        $searched = PopulationLines::MOST_ROUNDS['value'];
        $most = self::most($method, $had, $method->inARow === null ? min($left ?? $searched, $searched) : $left) ?? $searched;

        return $first > $until || $most < 1 ? null : new self($kill, $today, $first, $until, $gap, $most, $closed);
    }

    /**
     * Rounds that may be had yet: in a row, and of a season; null where nothing limits them.
     *
     * @param int      $had  rounds of it that were had in a row up to now
     * @param int|null $left rounds that the season bears yet; null where nothing limits them
     */
    public static function most(Method $method, int $had, ?int $left): ?int
    {
        $limits = array_filter([$method->inARow === null ? null : $method->inARow - $had, $left], is_int(...));

        return $limits === [] ? null : max(0, min($limits));
    }

    /**
     * The same, in turn with another spray: so many rounds of each.
     *
     * @param int $gap days from one to the other at the least, 1 and more
     */
    public function inTurnWith(self $other, int $gap): self
    {
        return new self($this->kill, $this->from, max($this->first, $other->first), $this->until, $gap, 2 * min($this->atMost, $other->atMost), $this->closed, [$other->kill]);
    }

    /** @return non-empty-list<Kill> of the sprays that take turns */
    public function kills(): array
    {
        return [$this->kill, ...$this->others];
    }

    public function allows(int $day): bool
    {
        return $day >= $this->first && $day <= $this->until && ! in_array($day, $this->closed, true);
    }

    /**
     * Days that a round may be moved to, between the one before it and the one after.
     *
     * @param list<int> $days  of rounds, earliest first
     * @param int       $which of them is moved
     *
     * @return list<int> earliest first; none where nobody may spray in between
     */
    public function room(array $days, int $which): array
    {
        $from = max($this->first, isset($days[$which - 1]) ? $days[$which - 1] + $this->gap : $this->first);
        $until = min($this->until, isset($days[$which + 1]) ? $days[$which + 1] - $this->gap : $this->until);

        return $from > $until ? [] : array_values(array_filter(range($from, $until), $this->allows(...)));
    }

    /**
     * What is against rounds on these days: the first that may not be, or is too soon after the one before.
     *
     * @param list<int> $days earliest first
     */
    public function against(array $days): ?int
    {
        $before = null;
        foreach ($days as $day) {
            if (! $this->allows($day) || ($before !== null && $day < $before + $this->gap)) {
                return $day;
            }
            $before = $day;
        }

        return null;
    }
}
