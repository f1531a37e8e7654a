<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;

/** One ingredient with how much of it, as somebody said it. */
final readonly class SpokenLine
{
    public function __construct(
        public Ingredient $ingredient,
        public SpokenKind $kind,
        /** In `unit`; percent of the finished spray; or parts to `per` parts of water. */
        public float $low,
        /** Top of a range; null when there is none. */
        public ?float $high,
        public ?UnitMeaning $unit,
        /** Of a rate: the mL of water that it is for; of parts: the parts of water. */
        public ?float $per = null,
        public string $perWords = '',
        /** Percent v/v on the bottle, where it was said. */
        public ?float $strength = null,
        /** Code of the amount by eye, where it was one. */
        public ?string $byEye = null,
        /** Key of what is said when a loose word was taken for this ingredient. */
        public ?string $assumed = null,
    ) {}
}
