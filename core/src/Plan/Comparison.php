<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Data\RecipeLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** Two recipes side by side at the same finished volume. */
final readonly class Comparison
{
    /** From this many times as strong two recipes must not be taken for each other: our own line. */
    public const ALIKE = RecipeLines::NOT_ALIKE_FROM['value'];

    /** Under this many times no figure on the screen tells them apart. */
    private const SAME = RecipeLines::SAME_TO['value'];

    /** @param list<array{what: SubstanceGroup, first: float, second: float}> $strengths percent of the finished spray; soda in g per 100 mL */
    private function __construct(public Recipe $left, public Recipe $right, public Mixture $first, public Mixture $second, public array $strengths) {}

    /** @throws InvalidDocument when one of them cannot be made */
    public static function of(Formulator $formulator, Recipe $left, Recipe $right, Volume $make): self
    {
        $first = $formulator->scaledTo($make, $left, path: '/recipes/0');
        $second = $formulator->scaledTo($make, $right, path: '/recipes/1');
        $strengths = [];
        [$one, $other] = [Strengths::of($first), Strengths::of($second)];
        foreach (SubstanceGroup::cases() as $group) {
            if ($one->in($group) > 0.0 || $other->in($group) > 0.0) {
                $strengths[] = ['what' => $group, 'first' => $one->in($group), 'second' => $other->in($group)];
            }
        }

        return new self($left, $right, $first, $second, $strengths);
    }

    /**
     * mL of each ingredient in either, in the order in which they are met.
     *
     * @return array<string, array{name: string, first: float, second: float}>
     */
    public function ingredients(): array
    {
        $all = [];
        foreach (['first' => $this->first, 'second' => $this->second] as $side => $mixture) {
            foreach ($mixture->parts as $part) {
                $slug = $part->ingredient->slug;
                $all[$slug] ??= ['name' => $part->ingredient->name, 'first' => 0.0, 'second' => 0.0];
                $all[$slug][$side] += $part->millilitres;
            }
        }

        return $all;
    }

    /** @return list<Verdict> one for each strength that one has many times over */
    public function verdicts(): array
    {
        $verdicts = [];
        foreach ($this->strengths as ['what' => $what, 'first' => $first, 'second' => $second]) {
            if ($first <= 0.0 || $second <= 0.0) {
                continue;
            }
            $times = max($first, $second) / min($first, $second);
            $how = $times >= self::ALIKE ? Finding::CompareApart : ($times < self::SAME ? Finding::CompareSame : Finding::CompareAlike);
            $verdicts[] = Verdict::ofTwo($how, $what, [
                'what' => $what->words(),
                'times' => $times,
                'limit' => self::ALIKE,
                'strong' => $first > $second ? $this->left->name : $this->right->name,
                'weak' => $first > $second ? $this->right->name : $this->left->name,
            ]);
        }

        return $verdicts;
    }
}
