<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Measure\SpoonsUp;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Vessel\Loads;

/** Finds what makes the oil of a mix hold: tried out by the same reckoning, and within what the leaf bears. */
final readonly class HoldingRemedies
{
    private const HALVINGS = 24;

    public function __construct(private Emulsifier $emulsifier, private Ceilings $ceilings) {}

    /**
     * @param Mixture $whole of which the oil is not held
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Mixture $whole, Bench $bench): HoldingRemedy
    {
        $order = $bench->recipe->order;
        $main = Contents::of($whole)->main;
        $softHelps = $main?->substance === Substance::TrueSoap && $this->holds($whole, $bench, $order, EmulsionLines::RAIN['value']);

        return $this->more($whole, $bench, $main ?? $this->emulsifier->table()->usualEmulsifier(), $softHelps) ?? HoldingRemedy::other(match (true) {
            $softHelps => HoldingRemedyKind::SoftWater,
            $this->holds($whole, $bench, MixingOrder::EmulsifierFirst, $bench->water->hardness) => HoldingRemedyKind::First,
            default => HoldingRemedyKind::KeepMoving,
        });
    }

    private function more(Mixture $whole, Bench $bench, Ingredient $ingredient, bool $softHelps): ?HoldingRemedy
    {
        $finished = $whole->finished();
        $ceiling = $this->ceilings->forSubstance($ingredient->substance, $bench->target);
        $most = min(EmulsionLines::MOST_ADDED['value'], $ceiling->limit->value ?? \INF) - Strengths::of($whole)->percent($ingredient->substance);
        // What is added makes more of the whole, too.
        $most = $finished * $most / (100.0 - max(0.0, $most));
        $with = fn(float $more): bool => $this->holds(new Mixture($whole->water, [...$whole->parts, new Part($ingredient, $more, null, null)], $whole->pours), $bench, $bench->recipe->order, $bench->water->hardness);
        if ($most <= 0.0 || ! $with($most)) {
            return null;
        }
        [$low, $high] = [0.0, $most];
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $with($middle) ? [$low, $middle] : [$middle, $high];
        }
        $now = array_sum(array_map(static fn(Part $part): float => $part->pour === null && $part->ingredient->slug === $ingredient->slug ? $part->millilitres : 0.0, $whole->parts));
        $share = Loads::of($bench->make, $bench->sprayer)[0]->millilitres() / $bench->make->millilitres();
        $scoop = SpoonsUp::of($bench->kit->planner()->measures(), ($now + $high) * $share, ($now + $most) * $share);

        return $scoop === null ? null : HoldingRemedy::more($ingredient, $scoop, $scoop->millilitres() / $share, $scoop->millilitres() / $share - $now, $softHelps);
    }

    private function holds(Mixture $mixture, Bench $bench, MixingOrder $order, ?float $hardness): bool
    {
        $hand = $bench->hand * $this->emulsifier->coarseness($bench->agitation);
        $creaming = $this->emulsifier->creaming(Contents::of($mixture), $hardness, $order, $bench->water->temperature?->celsius(), $hand);

        return EmulsionVerdict::of($this->emulsifier->reshakeSeconds($creaming)) === EmulsionVerdict::Enough;
    }
}
