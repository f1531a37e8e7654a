<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\Bound;
use IdleMixer\Core\Safety\Level;

/** The limits of what it goes onto, and the room in the sprayer, which no advice may overstep. */
final readonly class Bounds
{
    /**
     * @param list<Bound> $ceilings
     * @param float         $capacity  mL that the sprayer takes at the most
     * @param bool          $misplaced whether it may not go there at any strength: the wrong season, the wrong surface
     */
    public function __construct(public array $ceilings, public float $capacity, private bool $misplaced = false) {}

    /** What stands in the sprayer already fits into it, if it is a little over the mark. */
    public function holding(float $millilitres): self
    {
        return new self($this->ceilings, max($this->capacity, $millilitres), $this->misplaced);
    }

    public function allows(Mixture $mixture): bool
    {
        if ($this->misplaced || $mixture->finished() > $this->capacity * (1 + 1e-9)) {
            return false;
        }
        $strengths = Strengths::of($mixture);
        foreach ($this->ceilings as $ceiling) {
            if ($ceiling->level($strengths) !== Level::Ok) {
                return false;
            }
        }

        return true;
    }

    /**
     * The weakest first; where no limit counts, the one with the most in it last.
     *
     * @param non-empty-list<Mixture> $ends
     *
     * @return non-empty-list<Mixture>
     */
    public function sorted(array $ends): array
    {
        usort($ends, fn(Mixture $a, Mixture $b): int => [$this->times($a), $a->room()] <=> [$this->times($b), $b->room()]);

        return $ends;
    }

    /** How many times the strictest of its limits a mixture is: 1 is at the limit; 0 where there is none. */
    public function times(Mixture $mixture): float
    {
        return $this->strictest(Strengths::of($mixture));
    }

    /** @return array<string, float> the same of each group of what is in it by itself, by value of the group */
    public function timesByGroup(Mixture $mixture): array
    {
        $strengths = Strengths::of($mixture);
        $times = [];
        foreach (array_keys($strengths->groups()) as $group) {
            $times[$group] = $this->strictest($strengths->only(SubstanceGroup::from($group)));
        }

        return $times;
    }

    private function strictest(Strengths $strengths): float
    {
        return array_reduce($this->ceilings, static fn(float $most, Bound $ceiling): float => max($most, $ceiling->times($strengths)), 0.0);
    }
}
