<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;

/** All that a plan hangs on: two plans of the same bench are the same. */
final readonly class Bench
{
    public function __construct(
        public Recipe $recipe,
        /** Finished volume, all loads together. */
        public Volume $make,
        /** The unit that volumes are spoken of in. */
        public Unit $unit,
        /** The largest fill of one load; null when all of it fits. */
        public ?Volume $sprayer,
        public bool $highEnd,
        /** Multiplies every line but the water; finite and above 0. */
        public float $factor,
        /** What there is to measure with, by the names that the household gives it. */
        public Kit $kit,
        public Water $water,
        /** What it goes onto. */
        public Target $target,
        /** The day, the plant, and the interval: practice's own where nobody said another. */
        public Circumstances $circumstances,
        /** How much coarser than usual the one at the bench mixes; above 0. */
        public float $hand,
        public Agitation $agitation,
        /** Whether the stock that is poured from stands ready in its jar. */
        public bool $stockReady,
        /** What is known of the recipe where it is shipped. */
        public ?Practice $practice = null,
        /** The plant that it is for; null where only a kind of leaf is meant. */
        public ?Whom $whom = null,
        /** Whether it is mixed in a bucket or a jug, from which the sprayer is filled. */
        private bool $inBucket = false,
    ) {}

    /** Whether what it is mixed in stands open. */
    public function isOpen(): bool
    {
        return $this->inBucket || $this->practice?->method->vessel->isOpen() === true;
    }

    /** The same bench with one or several things on it changed. */
    public function with(?Recipe $recipe = null, ?Volume $make = null, ?bool $highEnd = null, ?float $factor = null, ?Water $water = null, ?Circumstances $circumstances = null): self
    {
        return new self(
            $recipe ?? $this->recipe,
            $make ?? $this->make,
            $this->unit,
            $this->sprayer,
            $highEnd ?? $this->highEnd,
            $factor ?? $this->factor,
            $this->kit,
            $water ?? $this->water,
            $this->target,
            $circumstances ?? $this->circumstances,
            $this->hand,
            $this->agitation,
            $this->stockReady,
            $this->practice,
            $this->whom,
            $this->inBucket,
        );
    }

    /** The same bench, for a plant. */
    public function for(Whom $whom): self
    {
        return new self($this->recipe, $this->make, $this->unit, $this->sprayer, $this->highEnd, $this->factor, $this->kit, $this->water, $this->target, $this->circumstances, $this->hand, $this->agitation, $this->stockReady, $this->practice, $whom, $this->inBucket);
    }
}
