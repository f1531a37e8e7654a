<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Measure\ScoopPlan;

/** One way out: what to pour off, then what to add. */
final readonly class Remedy
{
    /**
     * @param array<string, ScoopPlan> $add   by key of the load's item
     * @param float                 $water    mL to add
     * @param float                 $pourOff  mL to pour off first
     * @param float                 $finished mL in the sprayer afterwards, at the most
     */
    public function __construct(
        public RemedyKind $kind,
        public array $add = [],
        public float $water = 0.0,
        public float $pourOff = 0.0,
        public float $finished = 0.0,
        /** Whether it comes back to the strength that was planned, not only to within the limits. */
        public bool $asPlanned = false,
        /** How many times the planned strength it is at the least and at the most, where it is used as it is. */
        public float $weakest = 1.0,
        public float $strongest = 1.0,
        /** Share of what is in the sprayer that goes. */
        public float $wasted = 0.0,
        /** @var array<string, array{float, float}> times the planned strength at the least and at the most, by group */
        public array $times = [],
        /** @var array<string, float> how many times the strictest of its limits the plan is, by group */
        public array $planned = [],
    ) {}

    /** @return list<string> the groups of which there may be less than counts as made */
    public function short(): array
    {
        return array_values(array_filter(array_keys($this->times), fn(string $what): bool => $this->share($what) < AgainstPlan::WEAKEST));
    }

    /** Of a plan over its limits what they leave of it is as much as there should be; of soap that holds oil, as much as the oil takes that is left. */
    private function share(string $what): float
    {
        $least = $this->times[$what][0];
        $oil = array_intersect_key($this->times, [SubstanceGroup::Oil->value => true, SubstanceGroup::Essential->value => true]);
        if ($what === SubstanceGroup::Soap->value && $oil !== []) {
            return $least / max(1e-9, min(1.0, max(array_column($oil, 1))));
        }

        return $least * max(1.0, $this->planned[$what] ?? 1.0);
    }

    /** Spoonfuls, and one more for each pouring. */
    public function moves(): int
    {
        return array_sum(array_map(static fn(ScoopPlan $plan): int => $plan->taps(), $this->add)) + ($this->water > 0.0 ? 1 : 0) + ($this->pourOff > 0.0 ? 1 : 0);
    }

    /**
     * What comes first: used as planned, brought back to plan with least waste and then least work, not as planned, most of it poured off,
     * and the bed or the bin last.
     *
     * @return array{int, float, int}
     */
    public function rank(): array
    {
        return [
            match (true) {
                $this->kind === RemedyKind::Discard => 6,
                $this->kind === RemedyKind::Drench => 5,
                $this->wasted > VesselLines::HALF['value'] => 4,
                $this->kind === RemedyKind::AsItIs => 0,
                $this->kind === RemedyKind::GlassTells => 1,
                $this->asPlanned => 1,
                $this->kind === RemedyKind::WithinLimits => 3,
                default => 2,
            },
            $this->wasted,
            $this->moves(),
        ];
    }
}
