<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Measure\EggCount;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Mixture;

/** One fill of the sprayer. */
final readonly class Load
{
    /**
     * @param list<ScoopPlan> $measured one for each part of the mixture
     * @param list<Item>      $items    what is really measured out, stocks as one
     */
    private function __construct(public Mixture $mixture, public array $measured, public array $items) {}

    public static function of(Mixture $mixture, ScoopPlanner $planner): self
    {
        $measured = [];
        $items = [];
        foreach ($mixture->parts as $part) {
            $plan = EggCount::applies($part) ? EggCount::plan($part) : $planner->plan($part->millilitres, $part->ingredient->density->value);
            $measured[] = $plan;
            if ($part->pour === null) {
                $items[] = Item::ofPart($part, $plan);
            }
        }
        foreach ($mixture->pours as $pour) {
            $items[] = Item::ofPour($pour, $planner->plan($pour->millilitres, $pour->density));
        }

        return new self($mixture, $measured, $items);
    }

    public function hasOil(): bool
    {
        foreach ($this->mixture->parts as $part) {
            if ($part->ingredient->kind->isOily()) {
                return true;
            }
        }

        return false;
    }
}
