<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;

/** A recipe as it fits a situation, or why it does not. */
final readonly class Option
{
    /**
     * @param list<Effect> $effects  strongest first
     * @param list<Reason> $for
     * @param list<Reason> $against
     * @param list<Reason> $excluded none when it is proposed
     */
    public function __construct(
        public Recipe $recipe,
        public Practice $practice,
        public array $effects,
        /** Null when it is excluded. */
        public ?Dose $dose,
        public array $for,
        public array $against,
        public array $excluded,
        public float $score,
        /** How many of its ingredients are not in the house. */
        public int $missing,
        /** Hours to the first fair look. */
        public float $fairLookHours,
    ) {}

    /** Whether the oil is held in the water of the house. */
    public function holds(): bool
    {
        return $this->dose === null || $this->dose->holds;
    }

    public function isProposed(): bool
    {
        return $this->excluded === [];
    }

    /** What it mainly works by; two sprays of one family are no rotation. */
    public function family(): string
    {
        return $this->effects[0]->way ?? $this->practice->ways[0] ?? '';
    }
}
