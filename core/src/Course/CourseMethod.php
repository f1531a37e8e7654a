<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Choice\Effect;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;

/** A spray of a course: how it is used, what it does to what is there, and what stops it. */
final readonly class CourseMethod
{
    /** @param list<Effect> $effects on the trouble as it is; none where it does nothing, or no trouble is meant */
    public function __construct(
        public Recipe $recipe,
        public Method $method,
        /** At the strength that it is used at. */
        public Mixture $mixture,
        public Target $target,
        /** The main way it works. */
        public string $way,
        public array $effects,
        /** What stops it on this plant today and will not pass; null where nothing does. */
        public ?Verdict $stop,
        /** Whether open flowers keep it off this plant until they are over. */
        public bool $waitsForFlowers,
        /** Whether it waits until the plant is watered, where that is dry. */
        public bool $waitsForWater,
    ) {}
}
