<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use DateTimeImmutable;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Safety\Circumstances;

/** The plant that is meant: as it is today, what it had, and what is proven on its kind. */
final readonly class Whom
{
    public function __construct(
        public PlantNow $plant,
        public PlantHad $had,
        /** Null where nobody asks what was tested. */
        public ?Proof $proof = null,
        public ?DateTimeImmutable $now = null,
    ) {}

    /** The same on the day as it is told at the bench: in flower, picked sooner. */
    public function on(Circumstances $day): self
    {
        return new self($this->plant->on($day->inFlower, $day->pickedInDays), $this->had, $this->proof, $this->now);
    }
}
