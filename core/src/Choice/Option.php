<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Cupboard\AsStocked;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Recipe\Families;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;

/** A recipe as it fits a situation, with what is in the house, or why it does not. */
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
        /** Hours to the first fair look. */
        public float $fairLookHours,
        /** As this house can make it; null where nobody said what is at hand. */
        public ?AsStocked $stocked = null,
        /** Whether it brings oil onto leaves that had some lately. */
        public bool $isOilAgain = false,
        /** Whether it works by soap, on a plant that had copper lately. */
        public bool $isSoapOnCopper = false,
        /** What the household's own rounds say of it; null where they say nothing. */
        public ?OwnResult $own = null,
    ) {}

    /** How many of its ingredients are not in the house. */
    public function missing(): int
    {
        return count($this->stocked->missing ?? []);
    }

    /** Whether the oil is held in the water of the house. */
    public function holds(): bool
    {
        return $this->dose === null || $this->dose->holds;
    }

    /** What speaks for it where everything is at hand. */
    public function stockedScore(): float
    {
        return $this->score + ChoiceLines::MISSING_INGREDIENT['value'] * $this->missing();
    }

    /** Whether it is the same thing in another form, put on in the same way. */
    public function worksAs(self $other): bool
    {
        return $this->family() === $other->family() && $this->recipe->use === $other->recipe->use;
    }

    /**
     * The few reasons that tell most: what speaks against it is always among them.
     *
     * @return array{list<Reason>, list<Reason>} for, against
     */
    public function telling(): array
    {
        $against = array_slice($this->against, 0, 1);
        $for = array_slice($this->for, 0, ChoiceLines::SHOWN['value'] - count($against));

        return [$for, array_slice($this->against, 0, ChoiceLines::SHOWN['value'] - count($for))];
    }

    public function isProposed(): bool
    {
        return $this->excluded === [];
    }

    /** What it mainly works by; two sprays of one family are no rotation. */
    public function family(): string
    {
        return Families::of($this->effects[0]->way ?? $this->practice->ways[0] ?? '');
    }
}
