<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;

/** Percent of the finished spray: v/v of what is liquid, of the pure substance where the bottle states a strength, g per 100 mL (w/v) of soda. */
final readonly class Strengths
{
    /** @param array<string, float> $percents by value of the substance; what is not in it is left out */
    private function __construct(private array $percents) {}

    public static function of(Mixture $mixture): self
    {
        $finished = $mixture->finished();
        $percents = [];
        foreach ($mixture->parts as $part) {
            $substance = $part->ingredient->substance->value;
            $percents[$substance] = ($percents[$substance] ?? 0.0) + ($finished > 0.0 ? 100.0 * $part->counted() / $finished : 0.0);
        }

        return new self($percents);
    }

    /** Percent of these together. */
    public function percent(Substance ...$substances): float
    {
        $sum = 0.0;
        foreach ($substances as $substance) {
            $sum += $this->percents[$substance->value] ?? 0.0;
        }

        return $sum;
    }

    public function in(SubstanceGroup $group): float
    {
        return array_sum(array_filter($this->percents, static fn(string $value): bool => Substance::from($value)->group() === $group, \ARRAY_FILTER_USE_KEY));
    }

    /** Percent v/v of everything oily, essential oil among it. */
    public function oily(): float
    {
        return $this->in(SubstanceGroup::Oil) + $this->in(SubstanceGroup::Essential);
    }

    /** @return array<string, float> above zero only, by value of the group, in the order of the groups */
    public function groups(): array
    {
        $all = [];
        foreach (SubstanceGroup::cases() as $group) {
            $percent = $this->in($group);
            if ($percent > 0.0) {
                $all[$group->value] = $percent;
            }
        }

        return $all;
    }
}
