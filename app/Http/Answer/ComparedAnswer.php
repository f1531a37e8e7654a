<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plan\Comparison;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Writing\VerdictWriter;

/** Two recipes side by side, in words. */
final readonly class ComparedAnswer
{
    public function __construct(private Judge $judge, private VerdictWriter $verdicts) {}

    /** @return array<string, mixed> */
    public function of(Comparison $comparison, Unit $unit): array
    {
        return [
            'make' => Measures::volume($comparison->first->finished(), $unit),
            'recipes' => [
                $this->side($comparison->left, Strengths::of($comparison->first)),
                $this->side($comparison->right, Strengths::of($comparison->second)),
            ],
            'ingredients' => array_map(static fn(array $row): array => [
                'name' => $row['name'],
                'first' => self::millilitres($row['first']),
                'second' => self::millilitres($row['second']),
                'firstMl' => $row['first'],
                'secondMl' => $row['second'],
            ], array_values($comparison->ingredients())),
            'strengths' => array_map(static fn(array $row): array => [
                'what' => $row['what']->value,
                'first' => $row['first'],
                'second' => $row['second'],
                'name' => $row['what']->words(),
                'unit' => $row['what']->unit(),
            ], $comparison->strengths),
            'verdicts' => array_map($this->verdicts->write(...), $comparison->verdicts()),
        ];
    }

    /** @return array<string, mixed> */
    private function side(Recipe $recipe, Strengths $strengths): array
    {
        return [
            'slug' => $recipe->slug,
            'name' => $recipe->name,
            'useWords' => Choices::use($recipe->use),
            'notes' => $recipe->notes,
            'verdicts' => array_map($this->verdicts->write(...), $this->judge->verdicts($strengths, Target::of($recipe->use, null))),
        ];
    }

    /** In mL, and in US spoons, since that is what the one is mistaken for the other by. */
    private static function millilitres(float $ml): string
    {
        if ($ml <= 0.0) {
            return 'none';
        }
        $tbsp = $ml / Unit::UsTablespoon->factor();

        return Measures::metric($ml) . ' (' . ($tbsp >= 1.0 ? Figures::short($tbsp) . ' US tbsp' : Figures::short(3.0 * $tbsp) . ' US tsp') . ')';
    }
}
