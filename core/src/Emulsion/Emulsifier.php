<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\MixingOrder;

/** Works out whether a mix holds, and for how long. */
final readonly class Emulsifier
{
    /** Room temperature, when nobody said how warm the water is. */
    private const USUAL_CELSIUS = EmulsionLines::USUAL_CELSIUS['value'];

    /** g/mL of oil, where there is none to ask: of neem and vegetable oils near 20 °C, from memory. */
    private const USUAL_DENSITY = EmulsionLines::USUAL_DENSITY['value'];

    private Hardness $hardness;

    private BreakUp $breakUp;

    public function __construct(private EmulsionTable $table)
    {
        $this->hardness = new Hardness($table);
        $this->breakUp = new BreakUp($table, $this->hardness);
    }

    public static function shipped(): self
    {
        return new self(EmulsionTable::shipped());
    }

    /**
     * What must be free goes by the oil: so much of its weight, active on the drops, and so much dissolved.
     *
     * @param float|null $hardness mg/L as CaCO3; null when unknown, then the top of moderate is reckoned with
     */
    public function budget(Contents $in, ?float $hardness): SoapBudget
    {
        $main = $in->main ?? $this->table->usualEmulsifier();
        $holds = $main->emulsifying;
        if ($in->egg || $in->oil <= 0.0 || $holds === null) {
            return new SoapBudget($in->emulsifier, 0.0, $this->lost($in, $hardness), $this->stillTakes($in, $hardness));
        }
        $grams = $this->table->value('needed-on-oil') * $in->oilGrams
            + $this->table->value('needed-dissolved') * $holds->critical->value * $in->finished / 1000.0;

        return new SoapBudget($in->emulsifier, $grams / $main->activeGrams(), $this->lost($in, $hardness), $this->stillTakes($in, $hardness));
    }

    /** mL of true soap as bought that the water turns into scum. */
    public function lost(Contents $in, ?float $hardness): float
    {
        return $in->soap > 0.0 ? ($in->soap - $this->hardness->leaves($in, $hardness, $in->water)) / $in->soapInMillilitre : 0.0;
    }

    /** mL of more of the same soap that the water would take; 0 where what holds the oil is no soap. */
    private function stillTakes(Contents $in, ?float $hardness): float
    {
        $main = $in->main ?? $this->table->usualEmulsifier();
        if ($main->substance !== Substance::TrueSoap || $main->emulsifying === null) {
            return 0.0;
        }
        $unmet = max(0.0, $this->hardness->takes($hardness) * $in->water / 1000.0 - $in->soap);

        return $unmet / $main->activeGrams();
    }

    /** mL of liquid castile that a litre of water of that hardness (mg/L as CaCO3) destroys. */
    public function lossPerLitre(float $hardness): float
    {
        return $this->hardness->takes($hardness) / $this->table->usualEmulsifier()->activeGrams();
    }

    /**
     * @param float|null $hardness mg/L as CaCO3; null when unknown
     * @param float|null $celsius  of the water
     * @param float      $hand     how much coarser than usual this hand mixes; 1 while it is not known
     */
    public function droplets(Contents $in, ?float $hardness, MixingOrder $order, ?float $celsius, float $hand = 1.0): Droplets
    {
        return new Droplets($this->breakUp->median($in, $hardness, $order, $hand) * $this->cold($in, $celsius), $this->table->value('spread'));
    }

    /** How fast droplets of its oil rise in that water, however it is mixed. */
    public function rising(Contents $in, ?float $celsius): Stokes
    {
        return Stokes::in(self::water($celsius), $in->oilDensity() ?? self::USUAL_DENSITY);
    }

    public function creaming(Contents $in, ?float $hardness, MixingOrder $order, ?float $celsius, float $hand = 1.0): Creaming
    {
        return new Creaming($this->droplets($in, $hardness, $order, $celsius, $hand), $this->rising($in, $celsius));
    }

    /** Seconds from shaking to shaking. */
    public function reshakeSeconds(Creaming $creaming): float
    {
        return $creaming->secondsToDrift($this->table->value('tube-height'), $this->table->value('drift-tolerance'));
    }

    /** How many times as large the droplets come out as with a shake by hand. */
    public function coarseness(Agitation $agitation): float
    {
        return $this->table->value("work-{$agitation->value}");
    }

    /** The median droplet that a glass shows, µm. */
    public function measured(GlassReading $reading, Mixture $mixture, ?float $celsius): float
    {
        return $reading->medianDiameter($this->rising(Contents::of($mixture), $celsius), $this->table->value('spread'), $this->table->value('ring-seen'));
    }

    public function table(): EmulsionTable
    {
        return $this->table;
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
