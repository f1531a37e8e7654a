<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** What came to a leaf between two photographs, in percent of the leaf: the one before is taken off the one after. */
final readonly class Change
{
    private function __construct(public float $injured, public float $low, public float $high) {}

    /** The ranges are taken as independent: their halves add up as squares. */
    public static function between(?Measured $before, Measured $after): self
    {
        if ($before === null) {
            return new self($after->injured, $after->low, $after->high);
        }
        $injured = max(0.0, $after->injured - $before->injured);
        $down = hypot($after->injured - $after->low, $before->high - $before->injured);
        $up = hypot($after->high - $after->injured, $before->injured - $before->low);

        return new self($injured, max(0.0, $injured - $down), min(100.0, $injured + $up));
    }
}
