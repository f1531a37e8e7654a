<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What is not known of an outbreak beforehand: each is the natural logarithm of how many times what handbooks say. */
final readonly class Guess
{
    public function __construct(
        /** Of how many were there at the begin. */
        public float $start,
        /** How fast it develops. */
        public float $speed = 0.0,
        /** How many are laid. */
        public float $births = 0.0,
        /** How well rounds work. */
        public float $kill = 0.0,
    ) {}

    /** @param array{float, float, float, float} $by */
    public function moved(array $by): self
    {
        return new self($this->start + $by[0], $this->speed + $by[1], $this->births + $by[2], $this->kill + $by[3]);
    }

    public function differsInKillsAlone(self $other): bool
    {
        return [$this->start, $this->speed, $this->births] === [$other->start, $other->speed, $other->births];
    }
}
