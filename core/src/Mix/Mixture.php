<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\Substance;

/**
 * Water and parts. Volumes add: the contraction of alcohol and water (a few percent at most) is ignored.
 */
final readonly class Mixture
{
    /**
     * @param float           $water mL
     * @param list<Part>      $parts
     * @param list<StockPour> $pours
     */
    public function __construct(public float $water, public array $parts, public array $pours) {}

    /** mL of everything but the water. */
    public function room(): float
    {
        return array_sum(array_map(static fn(Part $part): float => $part->room(), $this->parts));
    }

    /** mL of the finished spray. */
    public function finished(): float
    {
        return $this->water + $this->room();
    }

    /** Grams of everything but the water. */
    public function grams(): float
    {
        return array_sum(array_map(static fn(Part $part): float => $part->grams(), $this->parts));
    }

    /** Percent on the strongest bottle of one substance; null where there is none of it, or bottles state none. */
    public function bottleOf(Substance $what): ?float
    {
        $strengths = array_filter(array_map(static fn(Part $part): ?float => $part->ingredient->substance === $what ? $part->stated() : null, $this->parts), static fn(?float $one): bool => $one !== null);

        return $strengths === [] ? null : max($strengths);
    }

    /** @return array<string, float> percent on the bottle of each ingredient whose bottles state one, by its slug; of several the strongest */
    public function grades(): array
    {
        $grades = [];
        foreach ($this->parts as $part) {
            $stated = $part->stated();
            if ($stated !== null) {
                $grades[$part->ingredient->slug] = max($stated, $grades[$part->ingredient->slug] ?? 0.0);
            }
        }

        return $grades;
    }

    public function times(float $factor): self
    {
        return new self(
            $this->water * $factor,
            array_map(static fn(Part $part): Part => $part->times($factor), $this->parts),
            array_map(static fn(StockPour $pour): StockPour => $pour->times($factor), $this->pours),
        );
    }
}
