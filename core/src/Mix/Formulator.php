<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Words\Say;

/**
 * Works out what a recipe holds on its own basis, with its stocks taken apart, and scales that to a volume.
 */
final readonly class Formulator
{
    /** Share of a basis by which rounding may overshoot before the lines count as not fitting. */
    private const FIT_TOLERANCE = 1e-9;

    /**
     * The recipe on its own basis.
     *
     * @param bool   $highEnd whether ranges are taken at their top
     * @param float  $factor  multiplies every line but the water; finite and above 0
     * @param string $path    JSON pointer of the recipe in what was given
     *
     * @throws InvalidDocument when the lines do not fit into a finished basis, or a stock has no volume to pour
     */
    public function onBasis(Recipe $recipe, bool $highEnd = false, float $factor = 1.0, string $path = ''): Mixture
    {
        $parts = [];
        $pours = [];
        foreach ($recipe->lines as $i => $line) {
            if ($line->stock !== null) {
                [$pour, $poured] = $this->pour($line, $line->stock, $highEnd, $factor, "{$path}/lines/{$i}");
                foreach ($poured as $part) {
                    $parts[] = $part->inPour(count($pours));
                }
                $pours[] = $pour;
            } elseif ($line->ingredient !== null) {
                $ingredient = $line->ingredient->bottledAt($line->strength);
                $parts[] = new Part($ingredient, $ingredient->millilitres($line->amountAt($highEnd)) * $factor, $line->strength, null);
            }
        }
        $lines = new Mixture(0.0, $parts, $pours);
        $this->refuseOverflow($lines, $path);

        return new Mixture($this->water($recipe, $lines->room(), $path), $parts, $pours);
    }

    /**
     * The recipe scaled to a finished volume: `of: water` by make / (water + lines), `of: finished` by make / basis.
     *
     * @throws InvalidDocument as `onBasis`, and when there is nothing to scale
     */
    public function scaledTo(Volume $make, Recipe $recipe, bool $highEnd = false, float $factor = 1.0, string $path = ''): Mixture
    {
        $base = $this->onBasis($recipe, $highEnd, $factor, $path);
        $finished = $base->finished();
        if ($finished <= 0.0 || ! is_finite($make->millilitres() / $finished)) {
            throw InvalidDocument::because("{$path}/lines", Say::it('mix/formulator.these-lines-take-no-room'), null);
        }

        return $base->times($make->millilitres() / $finished);
    }

    private function water(Recipe $recipe, float $room, string $path): float
    {
        if ($recipe->basis === null) {
            return 0.0;
        }
        $basis = $recipe->basis->millilitres();
        if ($recipe->basis->of === BasisOf::Water) {
            return $basis;
        }
        if ($room > $basis * (1 + self::FIT_TOLERANCE)) {
            throw InvalidDocument::because(
                "{$path}/lines",
                vsprintf(Say::it('mix/formulator.lines-come-to-s-ml'), self::apart($room, $basis)),
                $room,
            );
        }

        return max(0.0, $basis - $room);
    }

    /** @return array{StockPour, list<Part>} */
    private function pour(RecipeLine $line, Recipe $stock, bool $highEnd, float $factor, string $path): array
    {
        $whole = $this->onBasis($stock, $highEnd, 1.0, "{$path}/stock");
        $amount = $line->amountAt($highEnd);
        $byMass = $amount->unit->dimension() === Dimension::Mass;
        $total = $byMass ? $whole->grams() : $whole->room();
        if ($total <= 0.0) {
            throw InvalidDocument::because("{$path}/unit", Say::it('mix/formulator.this-stock-all-powder-take'), null);
        }
        $share = $amount->inBase() / $total * $factor;
        $density = $whole->room() > 0.0 ? $whole->grams() / $whole->room() : 1.0;
        $poured = $whole->times($share);

        return [new StockPour($stock->slug, $stock->name, $whole->room() * $share, $density), $poured->parts];
    }

    private function refuseOverflow(Mixture $lines, string $path): void
    {
        if (! is_finite($lines->room()) || ! is_finite($lines->grams())) {
            throw InvalidDocument::because("{$path}/lines", Say::it('mix/formulator.these-amounts-together-are-too'), null);
        }
    }

    /**
     * Two numbers with as many digits as tell them apart.
     *
     * @return array{string, string}
     */
    private static function apart(float $a, float $b): array
    {
        for ($digits = 1; $digits < \PHP_FLOAT_DIG; ++$digits) {
            $both = [number_format($a, $digits, '.', ''), number_format($b, $digits, '.', '')];
            if ($both[0] !== $both[1]) {
                return $both;
            }
        }

        return [(string) $a, (string) $b];
    }
}
