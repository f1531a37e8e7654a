<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** A round on its day. */
final readonly class Treatment
{
    /**
     * @param int $day         days after the first count, below 0 before it
     * @param int $workingDays days after it on which what comes newly into a stage is killed like what was there
     */
    public function __construct(public int $day, public Kill $kill, public int $workingDays = 0) {}

    public function worksOn(int $day): bool
    {
        return $day > $this->day && $day <= $this->day + $this->workingDays;
    }
}
