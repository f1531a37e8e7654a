<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Leaf\DrawnLeaf;

/** A drawn leaf as paths of an SVG of 100 by 100. */
final readonly class DrawnLeafAnswer
{
    private function __construct(
        public string $outline,
        public string $veins,
        public string $patches,
        /** Percent of it that is hurt; null where it is to be guessed. */
        public ?float $share,
    ) {}

    public static function of(DrawnLeaf $leaf, ?float $share): self
    {
        return new self(DrawnLeaf::path($leaf->outline, true), DrawnLeaf::path($leaf->veins, false), DrawnLeaf::path($leaf->patches, true), $share);
    }
}
