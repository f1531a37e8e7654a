<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What is asked of a search for the fewest rounds that end an outbreak. */
final readonly class Wanted
{
    /**
     * @param int $from   day from whose evening on is searched, days after the first count
     * @param int $first  first day on which may be sprayed
     * @param int $until  day on whose evening it is to be over, the last on which may be sprayed
     * @param int $gap    days from one round to the next at the least, 1 and more
     * @param int $atMost rounds
     * @param list<int>|null $days   on which may be sprayed; null where on any
     */
    public function __construct(public Kill $kill, public int $from, public int $first, public int $until, public int $gap, public int $atMost, public ?array $days = null) {}

    public function allows(int $day): bool
    {
        return $day >= $this->first && $day <= $this->until && ($this->days === null || in_array($day, $this->days, true));
    }
}
