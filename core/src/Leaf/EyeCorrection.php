<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Data\LeafLines;

/** Takes off how far an eye reads too high, or adds how far too low: below a fifth of the leaf by itself, and above. */
final readonly class EyeCorrection
{
    /**
     * @param float|null $low  points of percent read too high below the line; null where nobody knows
     * @param float|null $high the same from the line on
     */
    public function __construct(private ?float $low, private ?float $high) {}

    /** Whether an eye is off by so much that a correction is worth offering. */
    public function isWorthIt(): bool
    {
        return abs($this->low ?? 0.0) >= LeafLines::EYE_OFF['value'] || abs($this->high ?? 0.0) >= LeafLines::EYE_OFF['value'];
    }

    /** What was judged by eye, corrected; a clean leaf, one that is gone and one that was measured stay as they are. */
    public function of(WrittenLeaf $leaf): WrittenLeaf
    {
        $seen = $leaf->seen;
        if ($leaf->from !== 'eye' || $seen->share <= 0.0 || $seen->lost) {
            return $leaf;
        }
        // What is seen is what is off: the line lies where it would be read.
        $isLow = $seen->share - ($this->low ?? 0.0) < LeafLines::EYE_LOW['value'];
        $share = max(0.0, min(100.0, $seen->share - (($isLow ? $this->low : $this->high) ?? 0.0)));

        return new WrittenLeaf(new SeenLeaf($seen->number, $share, $share, $share, $seen->kinds), $leaf->from, $leaf->spots);
    }
}
