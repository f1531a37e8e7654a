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
        /** What it would take of more of it. */
        public float $stillTaken,
    ) {}

    /** What is left after hardness. */
    public function free(): float
    {
        return max(0.0, $this->given - $this->lost);
    }

    /**
     * What is to be added that enough is free.
     *
     * @param float $atLeast mL that are to be free in any case
     */
    public function missing(float $atLeast = 0.0): float
    {
        $more = max($atLeast, $this->needed - $this->free());

        return $more > 0.0 ? $more + $this->stillTaken : 0.0;
    }
}
