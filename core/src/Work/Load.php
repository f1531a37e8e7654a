<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Measure\EggCount;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\PreDilution;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;

/** One fill of the sprayer. */
final readonly class Load
{
    /**
     * @param list<ScoopPlan>     $measured one for each part of the mixture
     * @param array<string, Item> $items    by key: what is really measured out, stocks as one
     */
    private function __construct(public Mixture $mixture, public array $measured, public array $items) {}

    public static function of(Mixture $mixture, ScoopPlanner $planner): self
    {
        $measured = [];
        $items = [];
        foreach ($mixture->parts as $part) {
            $plan = EggCount::applies($part) ? EggCount::plan($part) : $planner->plan($part->millilitres, $part->ingredient->density->value, ! $part->ingredient->substance->isLiquid());
            $measured[] = $plan;
            if ($part->pour === null) {
                $key = self::freeKey($part->ingredient->slug, $items);
                $items[$key] = Item::ofPart($key, $part, $mixture->water > 0.0 ? self::thinned($part, $plan, $planner->measures()) : $plan);
            }
        }
        foreach ($mixture->pours as $pour) {
            $key = self::freeKey($pour->slug, $items);
            $items[$key] = Item::ofPour($key, $pour, $planner->plan($pour->millilitres, $pour->density));
        }

        return new self($mixture, $measured, $items);
    }

    /**
     * What is too little for the spoons, badly measured by them or counted out in many moves is thinned first where hands can do that.
     * Oil does not mix with water, and an egg is whole.
     *
     * @param list<Measure> $measures at hand, largest first
     */
    private static function thinned(Part $part, ScoopPlan $plan, array $measures): ScoopPlan
    {
        $is = $part->ingredient;
        $tooMany = $plan->taps() > MeasureLines::MOST_MOVES['value'];
        if ($measures === [] || $is->substance->isOily() || $is->pieceVolume !== null || (! $tooMany && abs($plan->errorPercent()) <= 100.0 * SafetyLines::SPOONS_OFF['value'] * (1 + 1e-9))) {
            return $plan;
        }
        $way = PreDilution::of($measures, $part->millilitres, $is->substance->isLiquid() ? null : $is->density->value);
        if ($way === null && ! $is->substance->isLiquid() && abs($plan->errorPercent()) > MeasureLines::NOT_AT_ALL['value']) {
            $way = PreDilution::saturated($measures, $part->millilitres, $is->density->value);

            return $way === null ? $plan : self::through($way, $part);
        }
        $tooLittle = $part->millilitres < $measures[count($measures) - 1]->millilitres;
        $most = $tooMany ? MeasureLines::MOST_MOVES['value'] : MeasureLines::FILLS_TO_THIN['value'];

        return $way !== null && ($tooLittle || $way->fills() <= $most) ? self::through($way, $part) : $plan;
    }

    private static function through(PreDilution $way, Part $part): ScoopPlan
    {
        return new ScoopPlan([new Scoop($way->use->measure->thinned($way->share()), $way->use->count)], $part->millilitres, thinned: $way);
    }

    /**
     * As it was written down with a batch.
     *
     * @param list<ScoopPlan>     $measured one for each part of the mixture
     * @param array<string, Item> $items    by key: the parts without a stock in the order of the mixture, then the stocks in that of its pours
     */
    public static function remembered(Mixture $mixture, array $measured, array $items): self
    {
        return new self($mixture, $measured, $items);
    }

    /**
     * The same, where one item was really something else, by the same spoons.
     *
     * @param string $key of an item that is no stock
     */
    public function withItem(string $key, Part $taken): self
    {
        $item = $this->items[$key] ?? null;
        $which = $item === null ? false : array_search($item->part, $this->mixture->parts, true);
        if ($item?->part === null || $which === false) {
            return $this;
        }
        $part = new Part($taken->ingredient, $item->part->millilitres, $taken->strength, null);

        return new self(
            new Mixture($this->mixture->water, array_values(array_replace($this->mixture->parts, [$which => $part])), $this->mixture->pours),
            $this->measured,
            array_replace($this->items, [$key => Item::ofPart($key, $part, $item->measured)]),
        );
    }

    public function hasOil(): bool
    {
        foreach ($this->mixture->parts as $part) {
            if ($part->ingredient->substance->isOily()) {
                return true;
            }
        }

        return false;
    }

    public function hasNeem(): bool
    {
        return $this->holds(Substance::Neem);
    }

    /** Whether something in it may be a dry powder that is soaked first. */
    public function hasSoaked(): bool
    {
        return array_filter($this->mixture->parts, static fn($part): bool => $part->ingredient->isSoaked) !== [];
    }

    /** Peroxide gives off gas, and with soda at once. */
    public function givesOffGas(): bool
    {
        return $this->holds(Substance::Peroxide);
    }

    private function holds(Substance $kind): bool
    {
        return array_filter($this->mixture->parts, static fn(Part $part): bool => $part->ingredient->substance === $kind) !== [];
    }

    /** @return list<Part> what one item brings, the ingredients of a stock each by itself */
    public function partsOf(Item $item): array
    {
        if ($item->part !== null) {
            return [$item->part];
        }
        $pour = array_search($item->pour, $this->mixture->pours, true);

        return array_values(array_filter($this->mixture->parts, static fn(Part $part): bool => $part->pour === $pour));
    }

    /** @param array<string, Item> $taken */
    private static function freeKey(string $slug, array $taken): string
    {
        $key = $slug;
        for ($n = 2; isset($taken[$key]); ++$n) {
            $key = "{$slug}-{$n}";
        }

        return $key;
    }
}
