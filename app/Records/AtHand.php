<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Sprayer;
use IdleMixer\Core\Choice\Dose;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Vessel\UsualFill;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** What a spray takes in the sprayer that was used last, with the spoons of the house. */
final class AtHand
{
    private ?Kit $kit = null;

    private ?Amount $fill = null;

    public function spoons(Recipe $recipe, Dose $dose): string
    {
        $this->kit ??= HouseholdKit::kit() ?? Kit::kitchen();
        $this->fill ??= self::fillOf(self::lastSprayer());
        $fill = UsualFill::inAJar($recipe->use) ?? $this->fill;
        $whole = (new Formulator())->scaledTo($fill->volume(), $recipe, $dose->highEnd, $dose->factor, '/recipe');
        $items = Load::of($whole, $this->kit->planner())->items;

        return Say::it('records/at-hand.in', ['items' => implode(', ', array_map(static fn(Item $item): string => Measures::scoops($item->measured) . ' ' . $item->name(), $items)), 'amount' => Measures::amount($fill)]);
    }

    /** The sprayer that was used last, else the smallest; null where there is none. */
    public static function lastSprayer(): ?Sprayer
    {
        $used = Batch::query()->whereNotNull('sprayer_id')->orderByDesc('started_at')->orderByDesc('id')->first()?->sprayer;

        return $used === null || $used->retired_at !== null ? Sprayer::query()->whereNull('retired_at')->orderBy('amount')->first() : $used;
    }

    /** One fill of a sprayer, in the unit that it is spoken of in. */
    public static function fillOf(?Sprayer $sprayer): Amount
    {
        if ($sprayer === null) {
            return UsualFill::first();
        }
        $holds = $sprayer->amount();

        return $sprayer->largest_fill_ml === null ? $holds : Amount::of($sprayer->largest_fill_ml / $holds->unit->factor(), $holds->unit);
    }
}
