<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;

/** How long before it arrived a call was made on its device, and how far that device's clock is from this machine's. */
final readonly class ActedHour
{
    /**
     * @param float $ago   seconds from the act to its arrival, 0 or more
     * @param float $ahead seconds by which the device's clock is ahead of this machine's; below 0 where it is behind
     */
    public function __construct(public float $ago, public float $ahead) {}

    /**
     * By the difference of the two hours that the device tells. Where its clock was set between act and sending that difference is
     * none: then by how far it was ahead at the act, if the device knows.
     *
     * @param DateTimeImmutable      $now   of this machine
     * @param DateTimeImmutable|null $sent  of the device, when it sent the call; null where it does not tell
     * @param DateTimeImmutable|null $acted of the device, when it was done; null where it was sent at once
     * @param float|null             $known seconds by which its clock was ahead when it heard this machine last; null where it had not
     * @param float                  $drift seconds by which its clock and one that nobody sets parted from then to the act: it was set,
     *                                      or the device slept, and nobody can tell which
     */
    public static function of(DateTimeImmutable $now, ?DateTimeImmutable $sent, ?DateTimeImmutable $acted, ?float $known, float $drift = 0.0): self
    {
        $ahead = $sent === null ? 0.0 : self::seconds($now, $sent);
        if ($sent === null || $acted === null) {
            return new self(0.0, $ahead);
        }
        if ($known !== null && abs($drift) <= InputLines::SAME_CLOCK['value'] && abs($known - $ahead) > InputLines::SAME_CLOCK['value']) {
            // The clock was set since.
            $ago = self::seconds($acted, $now) + $known;
            if ($ago >= -InputLines::SAME_CLOCK['value']) {
                return new self(max(0.0, $ago), $known);
            }
        }

        return new self(max(0.0, self::seconds($acted, $sent)), $ahead);
    }

    public function isOff(): bool
    {
        return abs($this->ahead) > InputLines::SAME_CLOCK['value'];
    }

    private static function seconds(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return (float) $to->format('U.u') - (float) $from->format('U.u');
    }
}
