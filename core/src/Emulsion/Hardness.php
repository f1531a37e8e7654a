<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** What hard water takes of true soap: two moles of it a mole of calcium and magnesium. */
final readonly class Hardness
{
    public function __construct(private EmulsionTable $table) {}

    /**
     * @param float|null $hardness mg/L as CaCO3; null when unknown, then the top of moderate is reckoned with
     *
     * @return float g of dry soap that a litre of it turns into scum
     */
    public function takes(?float $hardness): float
    {
        return ($hardness ?? $this->table->value('hardness-assumed')) / 1000.0 / $this->table->value('carbonate-molar-mass')
            * $this->table->value('soap-per-hardness') * $this->table->value('soap-molar-mass');
    }

    /** g of dry soap that is left in so many mL of water. */
    public function leaves(Contents $in, ?float $hardness, float $water): float
    {
        return max(0.0, $in->soap - $this->takes($hardness) * $water / 1000.0);
    }
}
