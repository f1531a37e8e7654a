<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\MixingOrder;

/** Works out whether a mix holds, and for how long. */
final readonly class Emulsifier
{
    /** Room temperature, when nobody said how warm the water is. */
    private const USUAL_CELSIUS = EmulsionLines::USUAL_CELSIUS['value'];

    /** g/mL of oil, where there is none to ask: of neem and vegetable oils near 20 °C, from memory. */
    private const USUAL_DENSITY = EmulsionLines::USUAL_DENSITY['value'];

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
        return $this->budgetOf(Contents::of($mixture), $hardness, $order);
    }

    /** @param float|null $hardness mg/L as CaCO3; null when unknown */
    public function budgetOf(Contents $in, ?float $hardness, MixingOrder $order): SoapBudget
    {
        $takes = $this->lossPerLitre($hardness ?? $this->table->value('hardness-assumed')) * $in->water / 1000.0;
        $lost = min($in->soap, $takes);
        [$dissolved, $active] = $this->mainEmulsifier($in);
        $needed = $dissolved * $in->finished / 1000.0 + $this->surface($in, $order) / $active;
        $free = $in->emulsifier() - $lost;

        // More castile first feeds what hardness still takes; and what is added has to be held dissolved itself.
        $missing = $needed - $free + ($in->soap >= $in->detergent + $in->nonIonic ? $takes - $lost : 0.0);
        $toAdd = $in->egg || $free >= $needed ? 0.0 : $missing / (1.0 - $dissolved / 1000.0);

        return new SoapBudget($in->emulsifier(), $in->egg ? 0.0 : $needed, $lost, $in->egg ? 1.0 : ($needed > 0.0 ? $free / $needed : 1.0), $toAdd);
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
        return $this->dropletsOf(Contents::of($mixture), $order, $cover, $celsius, $hand);
    }

    /** @param float $cover free emulsifier by what is needed */
    public function dropletsOf(Contents $in, MixingOrder $order, float $cover, ?float $celsius, float $hand = 1.0): Droplets
    {
        $starved = 1.0 + ($this->table->value('starved') - 1.0) * (1.0 - min(1.0, max(0.0, $cover)));

        return new Droplets($this->table->value("drop-{$order->value}") * $starved * $this->cold($in, $celsius) * $hand, $this->table->value('spread'));
    }

    public function creaming(Mixture $mixture, MixingOrder $order, float $cover, ?float $celsius, float $hand = 1.0): Creaming
    {
        return new Creaming($this->droplets($mixture, $order, $cover, $celsius, $hand), $this->rising($mixture, $celsius));
    }

    /** How fast droplets of its oil rise in that water, however it is mixed. */
    public function rising(Mixture $mixture, ?float $celsius): Stokes
    {
        return $this->risingOf(Contents::of($mixture), $celsius);
    }

    public function risingOf(Contents $in, ?float $celsius): Stokes
    {
        return Stokes::in(self::water($celsius), $in->oilDensity() ?? self::USUAL_DENSITY);
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

    /** @return array{float, float} mL/L that must stay dissolved, and mg of active substance in a mL, of what there is most of */
    private function mainEmulsifier(Contents $in): array
    {
        $milligrams = 1000.0 * $this->table->value('emulsifier-density');

        return match (true) {
            $in->nonIonic > 0.0 && $in->nonIonic >= max($in->soap, $in->detergent) => [$this->table->value('dissolved-non-ionic'), $milligrams * $this->table->value('non-ionic-active')],
            $in->detergent > $in->soap => [$this->table->value('dissolved-detergent'), $milligrams * $this->table->value('detergent-active')],
            default => [$this->table->value('dissolved-soap'), $milligrams * $this->table->value('castile-solids')],
        };
    }

    /** mg that the surface of the droplets takes: 6 V / d, times the cover. */
    private function surface(Contents $in, MixingOrder $order): float
    {
        $squareMetres = 6.0 * $in->oil * 1e-6 / ($this->table->value("drop-{$order->value}") * 1e-6);

        return $squareMetres * $this->table->value('surface-cover');
    }

    /** How much coarser cold neem comes out. */
    private function cold(Contents $in, ?float $celsius): float
    {
        $below = $this->table->value('neem-thickens-below') - ($celsius ?? self::USUAL_CELSIUS);

        return $in->neem && $below > 0.0 ? 1.0 + $this->table->value('neem-coarser-a-degree') * $below : 1.0;
    }

    /** Hotter water than the formulas hold for is reckoned as hot as they go. */
    private static function water(?float $celsius): WaterAt
    {
        return WaterAt::celsius(min(WaterAt::HOTTEST, $celsius ?? self::USUAL_CELSIUS));
    }
}
