<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Ingredient\IngredientKind;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Recipe\MixingOrder;

/** Works out whether a mix holds, and for how long. */
final readonly class Emulsifier
{
    /** Room temperature, when nobody said how warm the water is. */
    private const USUAL_CELSIUS = 20.0;

    public function __construct(private EmulsionTable $table) {}

    public static function shipped(): self
    {
        return new self(EmulsionTable::shipped());
    }

    /**
     * @param float|null $hardness mg/L as CaCO3; null when unknown, then the top of moderate is reckoned with
     */
    public function budget(Mixture $mixture, ?float $hardness, MixingOrder $order): SoapBudget
    {
        $litres = $mixture->finished() / 1000.0;
        $soap = $detergent = $nonIonic = 0.0;
        $egg = false;
        foreach ($mixture->parts as $part) {
            match ($part->ingredient->kind) {
                IngredientKind::Soap => $soap += $part->millilitres,
                IngredientKind::Detergent => $detergent += $part->millilitres,
                IngredientKind::NonIonic => $nonIonic += $part->millilitres,
                IngredientKind::Egg => $egg = true,
                default => null,
            };
        }
        $takes = $this->lossPerLitre($hardness ?? $this->table->value('hardness-assumed')) * $mixture->water / 1000.0;
        $lost = min($soap, $takes);
        [$dissolved, $active] = $this->mainEmulsifier($soap, $detergent, $nonIonic);
        $needed = $dissolved * $litres + $this->surface($mixture, $order) / $active;
        $free = $soap - $lost + $detergent + $nonIonic;

        // More castile first feeds what hardness still takes; and what is added has to be held dissolved itself.
        $missing = $needed - $free + ($soap >= $detergent + $nonIonic ? $takes - $lost : 0.0);
        $toAdd = $egg || $free >= $needed ? 0.0 : $missing / (1.0 - $dissolved / 1000.0);

        return new SoapBudget($soap + $detergent + $nonIonic, $egg ? 0.0 : $needed, $lost, $egg ? 1.0 : ($needed > 0.0 ? $free / $needed : 1.0), $toAdd);
    }

    /** mL of liquid castile that a litre of water of that hardness (mg/L as CaCO3) destroys. */
    public function lossPerLitre(float $hardness): float
    {
        $grams = $hardness / 1000.0 / $this->table->value('carbonate-molar-mass') * $this->table->value('soap-per-hardness') * $this->table->value('soap-molar-mass');

        return $grams / ($this->table->value('castile-solids') * $this->table->value('emulsifier-density'));
    }

    /**
     * @param float      $cover   free emulsifier by what is needed
     * @param float|null $celsius of the water
     * @param float      $hand    how much coarser than usual this hand mixes; 1 while it is not known
     */
    public function droplets(Mixture $mixture, MixingOrder $order, float $cover, ?float $celsius, float $hand = 1.0): Droplets
    {
        $starved = 1.0 + ($this->table->value('starved') - 1.0) * (1.0 - min(1.0, max(0.0, $cover)));

        return new Droplets($this->table->value("drop-{$order->value}") * $starved * $this->cold($mixture, $celsius) * $hand, $this->table->value('spread'));
    }

    public function creaming(Mixture $mixture, MixingOrder $order, float $cover, ?float $celsius, float $hand = 1.0): Creaming
    {
        return new Creaming($this->droplets($mixture, $order, $cover, $celsius, $hand), $this->rising($mixture, $celsius));
    }

    /** How fast droplets of its oil rise in that water, however it is mixed. */
    public function rising(Mixture $mixture, ?float $celsius): Stokes
    {
        return Stokes::in(self::water($celsius), $this->oilDensity($mixture));
    }

    /** How many times as large the droplets come out as with a shake by hand. */
    public function coarseness(Agitation $agitation): float
    {
        return $this->table->value("work-{$agitation->value}");
    }

    /** The median droplet that a glass shows, µm. */
    public function measured(GlassReading $reading, Mixture $mixture, ?float $celsius): float
    {
        return $reading->medianDiameter($this->rising($mixture, $celsius), $this->table->value('spread'), $this->table->value('ring-seen'));
    }

    public function reshakeSeconds(Creaming $creaming): float
    {
        return $creaming->secondsToDrift($this->table->value('tube-height'), $this->table->value('drift-tolerance'));
    }

    public function table(): EmulsionTable
    {
        return $this->table;
    }

    public static function hasOil(Mixture $mixture): bool
    {
        return self::oil($mixture) !== [];
    }

    /** @return list<Part> */
    private static function oil(Mixture $mixture): array
    {
        return array_values(array_filter($mixture->parts, static fn(Part $part): bool => $part->ingredient->kind->isOily()));
    }

    /** @return array{float, float} mL/L that must stay dissolved, and mg of active substance in a mL, of what there is most of */
    private function mainEmulsifier(float $soap, float $detergent, float $nonIonic): array
    {
        $milligrams = 1000.0 * $this->table->value('emulsifier-density');

        return match (true) {
            $nonIonic > 0.0 && $nonIonic >= max($soap, $detergent) => [$this->table->value('dissolved-non-ionic'), $milligrams * $this->table->value('non-ionic-active')],
            $detergent > $soap => [$this->table->value('dissolved-detergent'), $milligrams * $this->table->value('detergent-active')],
            default => [$this->table->value('dissolved-soap'), $milligrams * $this->table->value('castile-solids')],
        };
    }

    /** mg that the surface of the droplets takes: 6 V / d, times the cover. */
    private function surface(Mixture $mixture, MixingOrder $order): float
    {
        $volume = array_sum(array_map(static fn(Part $part): float => $part->millilitres, self::oil($mixture)));
        $squareMetres = 6.0 * $volume * 1e-6 / ($this->table->value("drop-{$order->value}") * 1e-6);

        return $squareMetres * $this->table->value('surface-cover');
    }

    /** How much coarser cold neem comes out. */
    private function cold(Mixture $mixture, ?float $celsius): float
    {
        $neem = array_filter($mixture->parts, static fn(Part $part): bool => $part->ingredient->slug === 'neem-oil') !== [];
        $below = $this->table->value('neem-thickens-below') - ($celsius ?? self::USUAL_CELSIUS);

        return $neem && $below > 0.0 ? 1.0 + $this->table->value('neem-coarser-a-degree') * $below : 1.0;
    }

    /** Hotter water than the formulas hold for is reckoned as hot as they go. */
    private static function water(?float $celsius): WaterAt
    {
        return WaterAt::celsius(min(WaterAt::HOTTEST, $celsius ?? self::USUAL_CELSIUS));
    }

    /** g/mL, by volume, of all oil in it. */
    private function oilDensity(Mixture $mixture): float
    {
        $parts = self::oil($mixture);
        $volume = array_sum(array_map(static fn(Part $part): float => $part->millilitres, $parts));

        return $volume > 0.0 ? array_sum(array_map(static fn(Part $part): float => $part->grams(), $parts)) / $volume : 0.92;
    }
}
