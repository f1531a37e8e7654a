<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Gate\BottleNow;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;

/** A spray that somebody asks about: its recipe at a strength. */
final readonly class ToldSpray
{
    public function __construct(
        public Recipe $recipe,
        public ?Practice $practice,
        public Mixture $mixture,
        /** Times as strong as written, above 0. */
        public float $factor,
    ) {}

    /** As it is planned. */
    public function now(?BottleNow $bottle): SprayNow
    {
        return SprayNow::of($this->mixture, $this->recipe->use, $this->practice, $this->factor, $bottle);
    }

    public function strengths(): Strengths
    {
        return Strengths::of($this->mixture);
    }

    public function composition(): Composition
    {
        return Composition::of([$this->mixture]);
    }
}
