<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** An hour with what it is for one spray on one plant. */
final readonly class JudgedHour
{
    /** @param list<HourReason> $reasons the worst first; none where it is good */
    public function __construct(public Hour $hour, public HourVerdict $verdict, public array $reasons) {}
}
