<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;

/** What of a mixture matters to the emulsion, added up once: mL, but for the grams of oil. */
final readonly class Contents
{
    private function __construct(
        public float $finished,
        public float $water,
        public float $soap,
        public float $detergent,
        public float $nonIonic,
        public float $oil,
        public float $oilGrams,
        public bool $egg,
        public bool $neem,
    ) {}

    public static function of(Mixture $mixture): self
    {
        $soap = $detergent = $nonIonic = $oil = $grams = 0.0;
        $egg = $neem = false;
        foreach ($mixture->parts as $part) {
            $kind = $part->ingredient->substance;
            if ($kind->isOily()) {
                $oil += $part->millilitres;
                $grams += $part->grams();
                $neem = $neem || $kind === Substance::Neem;
            }
            match ($kind) {
                Substance::TrueSoap => $soap += $part->millilitres,
                Substance::Detergent => $detergent += $part->millilitres,
                Substance::NonIonic => $nonIonic += $part->millilitres,
                Substance::Egg => $egg = true,
                default => null,
            };
        }

        return new self($mixture->finished(), $mixture->water, $soap, $detergent, $nonIonic, $oil, $grams, $egg, $neem);
    }

    public function emulsifier(): float
    {
        return $this->soap + $this->detergent + $this->nonIonic;
    }

    /** g/mL, by volume, of all oil in it; null where there is none. */
    public function oilDensity(): ?float
    {
        return $this->oil > 0.0 ? $this->oilGrams / $this->oil : null;
    }
}
