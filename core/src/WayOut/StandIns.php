<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\InsteadCatalogue;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;

/** Finds what may stand in for what ran out, where all that may then be in the sprayer is within the limits. */
final readonly class StandIns
{
    public function __construct(private InsteadCatalogue $insteads, private IngredientCatalogue $ingredients) {}

    public static function shipped(): self
    {
        return new self(InsteadCatalogue::shipped(), IngredientCatalogue::shipped());
    }

    /**
     * @param Limits $limits those that were asked when it was planned
     *
     * @return list<StandIn>
     *
     * @throws UnknownLimit when a limit is missing
     */
    public function of(LoadAtHand $at, Slips $slips, Limits $limits): array
    {
        $bounds = WayOut::boundsOf($at, $limits);
        $ends = $slips->ends($at->load);
        $found = [];
        foreach ($slips->spent as $key) {
            $item = $at->load->items[$key];
            $missing = $item->millilitres() - ($slips->items[$key][0] ?? 0.0);
            foreach ($missing > 0.0 ? $this->insteads->of($item->part->ingredient->slug ?? '') : [] as $row) {
                $with = $this->ingredients->get($row->with);
                $plan = $at->kit->planner()->plan($missing * $row->times, null, ! $with->substance->isLiquid());
                $holds = array_filter($ends, static fn(Mixture $end): bool => ! $bounds->holding($end->finished() + $plan->millilitres())->allows(new Mixture($end->water, [...$end->parts, new Part($with, $plan->millilitres(), $with->defaultStrength?->value, null)], $end->pours))) === [];
                $found = $holds ? [...$found, new StandIn($with, $plan, $item->name(), $missing, $row->cost)] : $found;
            }
        }

        return $found;
    }
}
