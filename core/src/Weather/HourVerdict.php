<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** What an hour is for spraying. */
enum HourVerdict: string
{
    case Good = 'good';
    case Workable = 'workable';
    case No = 'no';

    public function worse(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    public function rank(): int
    {
        return match ($this) {
            self::Good => 0,
            self::Workable => 1,
            self::No => 2,
        };
    }
}
