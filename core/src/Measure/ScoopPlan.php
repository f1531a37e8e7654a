<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;

/** What to scoop for a wanted amount, and how far off that is. */
final readonly class ScoopPlan
{
    /** Share of the wanted amount that a plan may be off: fixed by the open documents. */
    public const TOLERANCE = MeasureLines::TOLERANCE['value'];

    /**
     * @param list<Scoop> $scoops largest measure first
     * @param float       $wanted mL, above 0
     * @param float       $within share that it may be off
     * @param PreDilution|null $thinned what is scooped, where that is thinned first
     */
    public function __construct(public array $scoops, public float $wanted, private float $within = self::TOLERANCE, public ?PreDilution $thinned = null) {}

    public function millilitres(): float
    {
        return array_sum(array_map(static fn(Scoop $scoop): float => $scoop->millilitres(), $this->scoops));
    }

    public function count(): int
    {
        return array_sum(array_map(static fn(Scoop $scoop): int => $scoop->count, $this->scoops));
    }

    /** How many ticks it takes. */
    public function taps(): int
    {
        return array_sum(array_map(static fn(Scoop $scoop): int => $scoop->taps(), $this->scoops));
    }

    /** Percent of the wanted amount; above 0 is too much. */
    public function errorPercent(): float
    {
        return $this->wanted > 0.0 ? 100.0 * ($this->millilitres() - $this->wanted) / $this->wanted : 0.0;
    }

    public function isWithinTolerance(): bool
    {
        return abs($this->errorPercent()) <= 100.0 * $this->within * (1 + 1e-9);
    }
}
