<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** One thing that an hour is held against. */
interface HourCheck
{
    /** @return list<HourReason> none where there is nothing against the hour */
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array;
}
