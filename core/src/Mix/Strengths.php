<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;

/** Percent of the finished spray: v/v of what is liquid, of the pure substance where the bottle states a strength, g per 100 mL (w/v) of soda. */
final readonly class Strengths
{
    /**
     * @param array<string, float> $percents by value of the substance; what is not in it is left out
     * @param array<string, float> $groups   the same by value of the group
     */
    private function __construct(private array $percents, private array $groups) {}

    /** Of what really was measured, at the strongest that it may be. */
    public static function ofComposition(Composition $spray): self
    {
        $percents = $groups = [];
        foreach ($spray->components as $one) {
            $percents[$one->substance->value] = ($percents[$one->substance->value] ?? 0.0) + $one->high;
            $group = $one->substance->group()?->value;
            if ($group !== null) {
                $groups[$group] = ($groups[$group] ?? 0.0) + $one->high;
            }
        }

        return new self($percents, $groups);
    }

    /** Of what holds nothing that is counted, as far as anybody knows. */
    public static function none(): self
    {
        return new self([], []);
    }

    /** Of one substance, as somebody told it; percent of the finished spray. */
    public static function told(Substance $what, float $percent): self
    {
        $group = $what->group()?->value;

        return new self([$what->value => $percent], $group === null ? [] : [$group => $percent]);
    }

    public static function of(Mixture $mixture): self
    {
        $finished = $mixture->finished();
        $percents = $groups = [];
        foreach ($mixture->parts as $part) {
            $substance = $part->ingredient->substance;
            $percent = $finished > 0.0 ? 100.0 * $part->counted() / $finished : 0.0;
            $percents[$substance->value] = ($percents[$substance->value] ?? 0.0) + $percent;
            $group = $substance->group()?->value;
            if ($group !== null) {
                $groups[$group] = ($groups[$group] ?? 0.0) + $percent;
            }
        }

        return new self($percents, $groups);
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
        return $this->groups[$group->value] ?? 0.0;
    }

    /** Percent v/v of everything oily, essential oil among it. */
    public function oily(): float
    {
        return $this->in(SubstanceGroup::Oil) + $this->in(SubstanceGroup::Essential);
    }

    /** What is in it of one group, and nothing else. */
    public function only(SubstanceGroup $group): self
    {
        return new self(
            array_filter($this->percents, static fn(string $what): bool => Substance::from($what)->group() === $group, \ARRAY_FILTER_USE_KEY),
            array_intersect_key($this->groups, [$group->value => true]),
        );
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
