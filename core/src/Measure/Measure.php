<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Quantity\Unit;

/** A spoon, cup or dropper that is filled level a whole number of times. */
final readonly class Measure
{
    /**
     * @param float  $millilitres what it holds, above 0
     * @param string $name        what the household calls it; empty where it is called by its size
     * @param bool   $isDropper   whether it sucks up what it measures: no powder goes into it
     * @param float  $share       of what is in it that is the thing itself, above 0; below 1 where it was thinned
     */
    private function __construct(public Amount $amount, public float $millilitres, public string $name, public bool $isDropper = false, public float $share = 1.0) {}

    /** @throws InvalidQuantity when the amount is no volume */
    public static function holding(Amount $amount, string $name = ''): self
    {
        return new self($amount, $amount->volume()->millilitres(), $name, $amount->unit === Unit::Drop);
    }

    /**
     * A dropper or syringe up to one of its marks.
     *
     * @throws InvalidQuantity when the amount is no volume
     */
    public static function dropper(Amount $amount, string $name): self
    {
        return new self($amount, $amount->volume()->millilitres(), $name, true);
    }

    /** @param float $millilitres what one piece holds, above 0 */
    public static function ofPiece(Amount $one, float $millilitres): self
    {
        return new self($one, $millilitres, '');
    }

    /** The same, filled with what was thinned: it brings a share of what it holds. */
    public function thinned(float $share): self
    {
        return new self($this->amount, $this->millilitres * $share, $this->name, $this->isDropper, $share);
    }

    /**
     * As it was written down with a batch, whatever its unit comes to.
     *
     * @param float $share of what is in it that is the thing itself
     */
    public static function remembered(Amount $amount, float $millilitres, string $name, float $share = 1.0): self
    {
        return new self($amount, $millilitres, $name, false, $share);
    }

    /**
     * @param list<self> $measures
     *
     * @return non-empty-list<self>|list<self> those that hold a powder; all where there are none
     */
    public static function forPowder(array $measures): array
    {
        $spoons = array_values(array_filter($measures, static fn(self $measure): bool => ! $measure->isDropper));

        return $spoons === [] ? $measures : $spoons;
    }
}
