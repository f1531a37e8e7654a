<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Recipe\BasisOf;

/** “1 gal of water”, “made up to 32 fl oz”; or “4 parts water”, which are no volume yet. */
final readonly class SpokenBasis
{
    private function __construct(
        /** In the unit, or parts. */
        public float $amount,
        /** Null for parts. */
        public ?UnitMeaning $unit,
        public BasisOf $of,
    ) {}

    public static function volume(float $amount, UnitMeaning $unit, BasisOf $of): self
    {
        return new self($amount, $unit, $of);
    }

    public static function parts(float $parts): self
    {
        return new self($parts, null, BasisOf::Water);
    }

    /** The same where one part is so much: a volume. */
    public function measuredBy(UnitMeaning $part): self
    {
        return $this->unit === null ? self::volume($this->amount, $part, $this->of) : $this;
    }

    /** mL; parts count as nothing until it is known what one is. */
    public function millilitres(): float
    {
        return $this->amount * ($this->unit?->inBase() ?? 0.0);
    }
}
