<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** What becomes of the emulsifier in a mix, in mL as bought. */
final readonly class SoapBudget
{
    public function __construct(
        public float $given,
        /** What must be free for the oil: dissolved, and on the surface of the droplets. */
        public float $needed,
        /** What hardness turns into scum. */
        public float $lost,
    ) {}

    /** What is left after hardness. */
    public function free(): float
    {
        return max(0.0, $this->given - $this->lost);
    }

    /** What is missing of what must be free. */
    public function missing(): float
    {
        return max(0.0, $this->needed - $this->free());
    }
}
