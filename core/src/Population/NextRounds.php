<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** Rounds of what is sprayed next, put to an outbreak as it was found. */
final readonly class NextRounds
{
    /** @param int $workingDays days that a round goes on working */
    public function __construct(private Steered $alone, private Kill $kill, private int $workingDays) {}

    /** @param list<int> $days of rounds, days after the first count */
    public function on(array $days): Steered
    {
        return $this->alone->sprayed($this->rounds($days));
    }

    /**
     * What would come of each day that a round may be moved to.
     *
     * @param list<int> $days  of rounds, earliest first
     * @param int       $which of them is moved
     * @param list<int> $room  earliest first
     *
     * @return array<int, Steered> by that day
     */
    public function moved(array $days, int $which, array $room): array
    {
        // What lies before it stays, whatever day it is moved to.
        $before = $this->on(array_slice($days, 0, $which));
        $after = array_slice($days, $which + 1);
        $all = [];
        foreach ($room as $day) {
            $all[$day] = $before->sprayed($this->rounds([$day, ...$after]));
        }

        return $all;
    }

    /**
     * @param list<int> $days
     *
     * @return list<Treatment>
     */
    private function rounds(array $days): array
    {
        return array_map(fn(int $day): Treatment => new Treatment($day, $this->kill, $this->workingDays), $days);
    }
}
