<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;

/** What of a mixture matters to the emulsion, added up once: mL and g. */
final readonly class Contents
{
    private function __construct(
        public float $finished,
        public float $water,
        /** mL of everything but water and emulsifiers. */
        public float $rest,
        /** mL as bought of all that holds oil; egg is none of it. */
        public float $emulsifier,
        /** g of true soap, dry. */
        public float $soap,
        /** g of it in a mL as bought; 0 where there is none. */
        public float $soapInMillilitre,
        /** Litres that the true soap brings to its critical concentration, for each g of it. */
        public float $soapReach,
        /** g of other active substance, which hardness does not take. */
        public float $others,
        /** Litres that these bring to their critical concentration. */
        public float $othersReach,
        /** Of what there is most, by weight of active substance; null where there is none. */
        public ?Ingredient $main,
        public float $oil,
        public float $oilGrams,
        /** mN/m, by volume, between the oil and bare water. */
        public float $tension,
        public bool $egg,
        public bool $neem,
    ) {}

    public static function of(Mixture $mixture): self
    {
        $rest = $emulsifier = $soap = $soapMl = $soapReach = $others = $othersReach = $oil = $grams = $pull = 0.0;
        $egg = $neem = false;
        $active = [];
        $main = null;
        foreach ($mixture->parts as $part) {
            $ingredient = $part->ingredient;
            $kind = $ingredient->substance;
            $holds = $ingredient->emulsifying;
            if ($holds === null) {
                $rest += $part->room();
            } else {
                $emulsifier += $part->millilitres;
                $dry = $part->grams() * $holds->active->value;
                $active[$ingredient->slug] = ($active[$ingredient->slug] ?? 0.0) + $dry;
                $main = $main === null || $active[$ingredient->slug] > $active[$main->slug] ? $ingredient : $main;
                if ($kind === Substance::TrueSoap) {
                    $soap += $dry;
                    $soapMl += $part->millilitres;
                    $soapReach = 1.0 / $holds->critical->value;
                } else {
                    $others += $dry;
                    $othersReach += $dry / $holds->critical->value;
                }
            }
            if ($kind->isOily()) {
                $oil += $part->millilitres;
                $grams += $part->grams();
                $pull += $part->millilitres * ($ingredient->tension->value ?? 0.0);
                $neem = $neem || $kind === Substance::Neem;
            }
            $egg = $egg || $kind === Substance::Egg;
        }

        return new self($mixture->finished(), $mixture->water, $rest, $emulsifier, $soap, $soapMl > 0.0 ? $soap / $soapMl : 0.0, $soapReach, $others, $othersReach, $main, $oil, $grams, $oil > 0.0 ? $pull / $oil : 0.0, $egg, $neem);
    }

    /** g/mL, by volume, of all oil in it; null where there is none. */
    public function oilDensity(): ?float
    {
        return $this->oil > 0.0 ? $this->oilGrams / $this->oil : null;
    }
}
