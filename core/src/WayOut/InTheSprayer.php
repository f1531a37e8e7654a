<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Work\Load;

/** All that may stand in the sprayer, and what comes of pouring some off and adding to it: given only where all of it ends within the bounds. */
final readonly class InTheSprayer
{
    /** Additions to a tank are poured to 10 mL, above a litre to 50 mL. */
    public const FINE_STEP = MeasureLines::POUR_STEP['value'];

    private const COARSE_STEP = MeasureLines::POUR_STEP_OVER_LITRE['value'];

    /** @param non-empty-list<Mixture> $ends */
    private function __construct(public Load $load, public Slips $slips, public array $ends, public Bounds $bounds, private ScoopPlanner $spoons) {}

    /** What stands there fits, if it is a little over the mark. */
    public static function of(Load $load, Slips $slips, Bounds $bounds, ScoopPlanner $spoons): self
    {
        $ends = $slips->ends($load);

        return new self($load, $slips, $ends, $bounds->holding(self::most($ends)), $spoons);
    }

    /** mL in the sprayer, at the most. */
    public function full(): float
    {
        return self::most($this->ends);
    }

    public function plan(): AgainstPlan
    {
        return new AgainstPlan($this->load);
    }

    /** How many times the strictest of its limits it may be. */
    public function overLimits(): float
    {
        return max(array_map($this->bounds->times(...), $this->ends));
    }

    public function measured(string $key, float $millilitres): ScoopPlan
    {
        $part = $this->load->items[$key]->part;

        return $this->spoons->plan($millilitres, null, $part !== null && ! $part->ingredient->substance->isLiquid());
    }

    /**
     * @param array<string, float> $amounts mL by key of the item
     *
     * @return array<string, ScoopPlan>
     */
    public function scooped(array $amounts): array
    {
        $plans = [];
        foreach ($amounts as $key => $millilitres) {
            $plans[$key] = $this->measured($key, $millilitres);
        }

        return $plans;
    }

    /** @return array{float, float} mL of an item that are in, from and to */
    public function in(string $key): array
    {
        $planned = $this->load->items[$key]->millilitres();

        return $this->slips->items[$key] ?? [$planned, $planned];
    }

    /**
     * What is short of the plan by more than a spoon is ever off, at the middle of what may be in it.
     *
     * @return array<string, float> mL by key of the item
     */
    public function missing(): array
    {
        $missing = [];
        foreach (array_keys($this->slips->items) as $key) {
            [$low, $high] = $this->in($key);
            $short = $this->load->items[$key]->millilitres() - ($low + $high) / 2.0;
            if ($short > $this->load->items[$key]->millilitres() * ScoopPlan::TOLERANCE) {
                $missing[$key] = $short;
            }
        }

        return $missing;
    }

    /** @param array<string, float> $amounts mL by key of the item */
    public function roomFor(array $amounts): float
    {
        $room = 0.0;
        foreach ($amounts as $key => $millilitres) {
            $room += $this->load->items[$key]->room() / max(1e-12, $this->load->items[$key]->millilitres()) * $millilitres;
        }

        return $room;
    }

    /** @param array<string, ScoopPlan> $add */
    public function roomOf(array $add): float
    {
        return $this->roomFor(array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $add));
    }

    /**
     * The remedy, if all that may be in the sprayer ends within the bounds by it.
     *
     * @param array<string, ScoopPlan> $add
     */
    public function checked(RemedyKind $kind, array $add, float $water, float $pourOff = 0.0): ?Remedy
    {
        $after = $this->after($add, $water, $pourOff);
        foreach ($after as $mixture) {
            if (! $this->bounds->allows($mixture)) {
                return null;
            }
        }
        $near = array_filter($after, $this->plan()->isNear(...));
        $times = $this->times($after);
        $all = array_merge([], ...array_values($times));
        // What is kept in a jar and put back is not wasted.
        $wasted = $kind === RemedyKind::MakeRoom ? 0.0 : $pourOff / max(1e-12, $this->full());

        return new Remedy($kind, $add, $water, $pourOff, self::most($after), count($near) === count($after), $all === [] ? 1.0 : min($all), $all === [] ? 1.0 : max($all), $wasted, $times, $this->bounds->timesByGroup($this->load->mixture));
    }

    /**
     * How much water has to go in with what is added, so that all that may be in the sprayer ends at the strictest of its limits.
     *
     * @param array<string, ScoopPlan> $add
     *
     * @return float mL, the `$water` that goes in anyway included
     */
    public function waterToLimits(array $add, float $water): float
    {
        $after = $this->after($add, $water, 0.0);
        $over = max(array_map($this->bounds->times(...), $after));

        return $over <= 1.0 ? $water : self::upwards($water + self::most($after) * ($over - 1.0));
    }

    /**
     * From how many times to how many times the planned strength, by group.
     *
     * @param list<Mixture> $mixtures
     *
     * @return array<string, array{float, float}>
     */
    public function times(array $mixtures): array
    {
        $times = [];
        foreach ($mixtures as $mixture) {
            foreach ($this->plan()->ratios($mixture) as $what => $ratio) {
                [$least, $most] = $times[$what] ?? [$ratio, $ratio];
                $times[$what] = [min($least, $ratio), max($most, $ratio)];
            }
        }

        return $times;
    }

    public static function upwards(float $millilitres): float
    {
        $step = $millilitres > 1000.0 ? self::COARSE_STEP : self::FINE_STEP;

        return ceil($millilitres / $step - 1e-9) * $step;
    }

    /**
     * @param array<string, ScoopPlan> $add
     *
     * @return non-empty-list<Mixture>
     */
    private function after(array $add, float $water, float $pourOff): array
    {
        $amounts = array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $add);

        return array_map(fn(Mixture $end): Mixture => Tank::after($end, $this->load, $amounts, $water, $pourOff), $this->ends);
    }

    /** @param non-empty-list<Mixture> $mixtures */
    private static function most(array $mixtures): float
    {
        return max(array_map(static fn(Mixture $mixture): float => $mixture->finished(), $mixtures));
    }
}
