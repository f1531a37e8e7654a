<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Ingredient\InsteadCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Basis;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\Families;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeLine;

/**
 * Writes a recipe for what is in the house: from bottles of another strength so much that the spray is as strong as it was, and for what is
 * not there what may stand in. What the spray mainly works by is not swapped: that would be another spray.
 */
final readonly class FromCupboard
{
    /** The way of working of soap and detergent. */
    private const BY_SOAP = 'soap';

    public function __construct(private InsteadCatalogue $insteads, private IngredientCatalogue $ingredients) {}

    public static function shipped(): self
    {
        return new self(InsteadCatalogue::shipped(), IngredientCatalogue::shipped());
    }

    public function of(Recipe $recipe, Practice $practice, Cupboard $cupboard): AsStocked
    {
        return $this->stocked($recipe, Families::of($practice->ways[0] ?? '') === self::BY_SOAP, $cupboard);
    }

    /** @param bool $soapKills whether soap or detergent is what it mainly works by */
    private function stocked(Recipe $recipe, bool $soapKills, Cupboard $cupboard): AsStocked
    {
        $lines = $missing = $instead = [];
        $saved = 0.0;
        $otherwise = false;
        foreach ($recipe->lines as $line) {
            if ($line->stock !== null) {
                $stock = $this->stocked($line->stock, $soapKills, $cupboard);
                $instead += $stock->instead;
                $missing = [...$missing, ...$stock->missing];
                $lines[] = RecipeLine::ofStock($stock->recipe, $line->amount, $line->upTo);
            } elseif ($line->ingredient !== null && $cupboard->has($line->ingredient->slug)) {
                $lines[] = $bottled = self::bottled($line, $line->ingredient, $cupboard);
                $otherwise = $otherwise || $bottled !== $line;
                $saved += $line->ingredient->millilitres($line->amount) - $line->ingredient->millilitres($bottled->amount);
            } elseif ($line->ingredient !== null) {
                $found = $soapKills && $line->ingredient->substance->isEmulsifier() ? null : $this->standsIn($line->ingredient, $cupboard);
                if ($found === null) {
                    $missing[] = $line->ingredient->slug;
                } else {
                    $instead[$line->ingredient->slug] = $found;
                }
                $lines[] = $found === null ? $line : $this->swapped($line, $line->ingredient, $found);
            }
        }
        $basis = $saved === 0.0 ? $recipe->basis : self::saving($recipe->basis, $saved);
        if ($saved < 0.0 && ! self::fits($lines, $basis, false)) {
            // A bottle so weak that there is no room for so much of it.
            $missing = [...$missing, ...self::withStrength($lines)];
        }
        $lines = $basis === null || self::fits($lines, $basis, true) ? $lines : array_map(static fn(RecipeLine $line): RecipeLine => $line->times(1.0, false), $lines);

        return new AsStocked($missing === [] ? $recipe->with($lines, basis: $basis) : $recipe, $instead, array_values(array_unique($missing)), $instead !== [] || $basis !== $recipe->basis || $otherwise);
    }

    /** What a stronger bottle saves is water: the spray stays as strong and as much. Null where no water would be left. */
    private static function saving(?Basis $basis, float $saved): ?Basis
    {
        $water = $basis === null ? 0.0 : $basis->millilitres() + $saved;

        return match (true) {
            $basis === null || $basis->of !== BasisOf::Water => $basis,
            $water > 0.0 => new Basis(Amount::of($water, Unit::Millilitre), BasisOf::Water),
            default => null,
        };
    }

    /**
     * Whether what is measured has room in the spray; what is added to water always has.
     *
     * @param list<RecipeLine> $lines
     */
    private static function fits(array $lines, ?Basis $basis, bool $highEnd): bool
    {
        if ($basis === null || $basis->of !== BasisOf::Finished) {
            return $basis !== null;
        }
        $room = array_sum(array_map(static fn(RecipeLine $line): float => $line->ingredient?->substance->isLiquid() === true ? $line->ingredient->millilitres($line->amountAt($highEnd)) : 0.0, $lines));

        return $room <= $basis->millilitres();
    }

    /**
     * @param list<RecipeLine> $lines
     *
     * @return list<string> slugs
     */
    private static function withStrength(array $lines): array
    {
        return array_values(array_filter(array_map(static fn(RecipeLine $line): ?string => $line->ingredient?->substance->hasStrength() === true ? $line->ingredient->slug : null, $lines), static fn(?string $slug): bool => $slug !== null));
    }

    /** So much of the bottle that is there that as much of the pure substance goes in. */
    private static function bottled(RecipeLine $line, Ingredient $ingredient, Cupboard $cupboard): RecipeLine
    {
        $strength = $cupboard->strength($ingredient->slug, $line->strength);
        if ($strength === null || $line->strength === null || $strength === $line->strength) {
            return $line;
        }
        $times = $line->strength / $strength;

        return RecipeLine::ofIngredient($ingredient, Amount::of($line->amount->value * $times, $line->amount->unit), $line->upTo === null ? null : $line->upTo * $times, $strength);
    }

    private function standsIn(Ingredient $for, Cupboard $cupboard): ?Instead
    {
        return array_values(array_filter($this->insteads->of($for->slug), static fn(Instead $one): bool => $cupboard->has($one->with)))[0] ?? null;
    }

    private function swapped(RecipeLine $line, Ingredient $for, Instead $instead): RecipeLine
    {
        $with = $this->ingredients->get($instead->with);
        [$each, $unit] = $for->substance->isLiquid() ? [$for->millilitres(Amount::of(1.0, $line->amount->unit)), Unit::Millilitre] : [$for->grams($for->millilitres(Amount::of(1.0, $line->amount->unit))), Unit::Gram];

        return RecipeLine::ofIngredient($with, Amount::of($line->amount->value * $each * $instead->times, $unit), $line->upTo === null ? null : $line->upTo * $each * $instead->times, null);
    }
}
