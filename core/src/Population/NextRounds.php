<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** Rounds of what is sprayed next, in its turns, put to an outbreak as it was found. */
final readonly class NextRounds
{
    /** @param non-empty-list<array{Kill, int}> $turns what each that takes its turn kills, and days that it goes on working; the next first */
    public function __construct(private Steered $alone, private array $turns) {}

    /** @param list<int> $days of rounds, days after the first count */
    public function on(array $days): Steered
    {
        return $this->alone->sprayed($this->rounds($days, 0));
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
            $all[$day] = $before->sprayed($this->rounds([$day, ...$after], $which));
        }

        return $all;
    }

    /**
     * @param list<int> $days
     * @param int       $had  rounds that come before them
     *
     * @return list<Treatment>
     */
    private function rounds(array $days, int $had): array
    {
        return array_map(function (int $i, int $day) use ($had): Treatment {
            [$kill, $working] = $this->turns[($had + $i) % count($this->turns)];

            return new Treatment($day, $kill, $working);
        }, array_keys($days), $days);
    }
}
