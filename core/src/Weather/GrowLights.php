<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Lamps over a plant, by the clock of the place; where they go off before they go on, they burn through midnight. */
final readonly class GrowLights
{
    /**
     * @param int $on  minutes after midnight, 0 to 1439
     * @param int $off the same
     */
    public function __construct(public int $on, public int $off) {}

    /** @param int $minute after midnight */
    public function areOn(int $minute): bool
    {
        return match (true) {
            $this->on === $this->off => true,
            $this->on < $this->off => $minute >= $this->on && $minute < $this->off,
            default => $minute >= $this->on || $minute < $this->off,
        };
    }
}
