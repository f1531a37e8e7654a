<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairTime;
use IdleMixer\Core\Schedule\HoldingRule;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;

/** Everything that follows from a request: amounts, loads, steps, strengths, verdicts, cautions. */
final readonly class Plan
{
    /**
     * @param list<LoadGroup> $groups
     * @param list<Verdict>   $verdicts
     */
    public function __construct(
        public Bench $bench,
        public Mixture $whole,
        public array $groups,
        public Strengths $strengths,
        public array $verdicts,
        /** What the gate says of it, for what it goes onto. */
        public Answer $gate,
        public HoldingRule $holding,
        /** When a look says something, and when it may judge. */
        public FairTime $fairLook,
        public EmulsionForecast $emulsion,
        /** What makes the oil hold; null where it does. */
        public ?HoldingRemedy $remedy,
        /** As the spoons really measure it. */
        public Strengths $measured,
        /** At the high end of the recipe's ranges; null when it has none. */
        public ?Strengths $top,
    ) {}

    /** @param int $number from 1 to the count of loads */
    public function load(int $number): Load
    {
        foreach ($this->groups as $group) {
            if ($number < $group->first + $group->count) {
                return $group->load;
            }
        }

        throw new \LogicException(Say::it('plan/plan.there-no-load-in-this', ['number' => $number]));
    }

    public function loadCount(): int
    {
        return array_sum(array_map(static fn(LoadGroup $group): int => $group->count, $this->groups));
    }
}
