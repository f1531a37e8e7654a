<?php

declare(strict_types=1);

namespace App\Http\Clock;

use DateTimeImmutable;

/** How long before it arrived a call was made on its device, and how far that device's clock is from this machine's. */
final readonly class ActedHour
{
    /** Clocks differ by seconds in any house, and a call takes some: only more than this is told, and corrected in what was typed. */
    public const WITHIN_SECONDS = 120.0;

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
     * @param float|null             $known seconds by which its clock was ahead then, as it had found out; null where it had not
     */
    public static function of(DateTimeImmutable $now, ?DateTimeImmutable $sent, ?DateTimeImmutable $acted, ?float $known): self
    {
        $ahead = $sent === null ? 0.0 : self::seconds($now, $sent);
        if ($sent === null || $acted === null) {
            return new self(0.0, $ahead);
        }
        if ($known !== null && abs($known - $ahead) > self::WITHIN_SECONDS) {
            // The clock was set since.
            $ago = self::seconds($acted, $now) + $known;
            if ($ago >= -self::WITHIN_SECONDS) {
                return new self(max(0.0, $ago), $known);
            }
        }

        return new self(max(0.0, self::seconds($acted, $sent)), $ahead);
    }

    public function isOff(): bool
    {
        return abs($this->ahead) > self::WITHIN_SECONDS;
    }

    private static function seconds(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return (float) $to->format('U.u') - (float) $from->format('U.u');
    }
}
