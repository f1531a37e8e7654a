<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** What a photograph says of a leaf. */
final readonly class Measured
{
    /**
     * @param float                $injured percent of the leaf; what is missing counts
     * @param float                $low     percent
     * @param float                $high    percent
     * @param array<string, float> $tissue  percent of the leaf by Tissue::code()
     * @param list<string>         $doubts  why it is unsure; empty where it is not
     * @param TissuePicture        $picture what was counted as what
     */
    public function __construct(public float $injured, public float $low, public float $high, public array $tissue, public array $doubts, public TissuePicture $picture) {}

    public function isUnsure(): bool
    {
        return $this->doubts !== [];
    }
}
