<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** An hour with what it is for one spray on one plant. */
final readonly class JudgedHour
{
    /**
     * @param list<HourReason> $reasons the worst first; none where it is good
     * @param int|null         $darkAt  seconds since 1970 of when it becomes too dark there to see what is sprayed; null where it does not
     */
    public function __construct(public Hour $hour, public HourVerdict $verdict, public array $reasons, public ?int $darkAt) {}
}
