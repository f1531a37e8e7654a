<?php

declare(strict_types=1);

namespace App\Http\Clock;

use DateTimeImmutable;
use IdleMixer\Core\Schedule\ActedHour;
use Psr\Clock\ClockInterface;

/**
 * The hour of what a call is about. What waited on a device was done before it arrives: it is judged and written down as of then,
 * by the clock of this machine, whatever the clock of the device says.
 */
final class CallClock implements ClockInterface
{
    private ActedHour $acted;

    public function __construct(private readonly ClockInterface $clock)
    {
        $this->acted = new ActedHour(0.0, 0.0);
    }

    public function now(): DateTimeImmutable
    {
        return self::earlier($this->clock->now(), $this->acted->ago);
    }

    /** Whether it was done a while before it arrived. */
    public function hasWaited(): bool
    {
        return $this->acted->ago > 1.0;
    }

    /** The hour of this machine, whenever what is asked for was done. */
    public function arrival(): DateTimeImmutable
    {
        return $this->clock->now();
    }

    public function hear(ActedHour $acted): void
    {
        $this->acted = $acted;
    }

    /** An hour that was said on the device, by its clock, as this machine's clock had it. */
    public function meant(DateTimeImmutable $said): DateTimeImmutable
    {
        return self::earlier($said, $this->acted->isOff() ? $this->acted->ahead : 0.0);
    }

    /** An hour of this machine, as the device's clock has it. */
    public function said(DateTimeImmutable $at): DateTimeImmutable
    {
        return self::earlier($at, $this->acted->isOff() ? -$this->acted->ahead : 0.0);
    }

    private static function earlier(DateTimeImmutable $at, float $seconds): DateTimeImmutable
    {
        if ($seconds === 0.0) {
            return $at;
        }
        $whole = (int) floor($seconds);

        // In two parts: so many microseconds at once are more than PHP adds right.
        return $at->modify(sprintf('%+d seconds', -$whole))->modify(sprintf('-%d microseconds', (int) round(1e6 * ($seconds - $whole))));
    }
}
