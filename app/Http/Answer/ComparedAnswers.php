<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plan\Comparison;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\VerdictWriter;

/** Two recipes side by side, in words. */
final readonly class ComparedAnswers
{
    public function __construct(private Gate $gate, private VerdictWriter $verdicts) {}

    public function of(Comparison $comparison, Unit $unit): ComparedAnswer
    {
        return new ComparedAnswer(
            Measures::volume($comparison->first->finished(), $unit),
            [
                $this->side($comparison->left, Strengths::of($comparison->first)),
                $this->side($comparison->right, Strengths::of($comparison->second)),
            ],
            array_map(static fn(array $row): ComparedIngredientAnswer => new ComparedIngredientAnswer(
                $row['name'],
                self::millilitres($row['first']),
                self::millilitres($row['second']),
                $row['first'],
                $row['second'],
            ), array_values($comparison->ingredients())),
            array_map(static fn(array $row): ComparedStrengthAnswer => new ComparedStrengthAnswer(
                $row['what']->value,
                $row['first'],
                $row['second'],
                $row['what']->words(),
                Figures::strength($row['first'], $row['what']->unit()),
                Figures::strength($row['second'], $row['what']->unit()),
            ), $comparison->strengths),
            array_map($this->verdicts->write(...), $comparison->verdicts()),
        );
    }

    private function side(Recipe $recipe, Strengths $strengths): ComparedSideAnswer
    {
        return new ComparedSideAnswer(
            $recipe->slug,
            $recipe->name,
            Choices::use($recipe->use),
            $recipe->notes,
            array_map($this->verdicts->write(...), $this->gate->verdicts(Question::onto(new SprayNow($recipe->use, $strengths), Target::of($recipe->use, null), new Circumstances()))),
        );
    }

    /** In mL, and in US spoons, since that is what the one is mistaken for the other by. */
    private static function millilitres(float $ml): string
    {
        if ($ml <= 0.0) {
            return 'none';
        }
        $tbsp = $ml / Unit::UsTablespoon->factor();

        return Measures::metric($ml) . ' (' . ($tbsp >= 1.0 ? Say::it('answers/compared-answers.us-tbsp', ['tbsp' => Figures::short($tbsp)]) : Say::it('answers/compared-answers.us-tsp', ['short' => Figures::short(3.0 * $tbsp)])) . ')';
    }
}
