<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\ComposeInput;
use App\Records\Kitchenware;
use App\Records\RecipeShelf;
use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Method\MethodWriter;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\Heard;
use IdleMixer\Core\Phrase\TypedRecipe;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Recipe\Slug;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\MethodWords;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Writing\MixtureWriter;
use IdleMixer\Core\Writing\VerdictWriter;
use IdleMixer\Core\Writing\WrittenVerdict;

/** What was understood of typed lines, and the recipe they come to once every line is clear. */
final readonly class ComposedAnswers
{
    public function __construct(
        private Kitchenware $kitchenware,
        private RecipeReader $recipes,
        private RecipeCatalogue $shipped,
        private RecipeShelf $shelf,
        private Gate $gate,
        private VerdictWriter $verdicts,
        private Formulator $formulator,
        private TroubleCatalogue $troubles,
        private EffectCatalogue $effects,
    ) {}

    public function of(ComposeInput $input): ComposedAnswer
    {
        $reader = $this->kitchenware->reader($this->shelf->stocks($input->from ?? $input->slug));
        $words = PhraseWords::shipped();
        $typed = array_filter($input->lines, static fn(string $line): bool => trim($line) !== '');
        $read = array_combine(array_keys($typed), $reader->all(array_values($typed)));
        $heard = array_map(static fn(int $i): ?Heard => $read[$i] ?? null, array_keys($input->lines));
        $said = array_map(static fn(?Heard $one): HeardAnswer => self::said($one, $words), $heard);

        try {
            [$recipe, $problem] = [$this->recipe($input, array_values(array_filter($heard))), null];
        } catch (Failure $failure) {
            [$recipe, $problem] = [null, $failure->getMessage()];
        }

        $method = $recipe === null || $recipe->use === RecipeUse::Stock ? null : $this->shipped->methodOf($recipe);

        return new ComposedAnswer($said, $problem, $recipe === null ? null : RecipeWriter::write($recipe), $method === null ? null : MethodWriter::write($method), $method === null ? '' : implode(' ', [...MethodWords::afterwards($method), MethodWords::rhythm($method)]), $recipe === null ? [] : $this->worksOn($recipe), ...$this->judged($recipe));
    }

    /** @return list<string> slugs of troubles */
    private function worksOn(Recipe $recipe): array
    {
        $ways = $this->shipped->practiceOf($recipe)->ways;

        return array_values(array_filter($this->troubles->pestSlugs(), function (string $slug) use ($ways): bool {
            $trouble = $this->troubles->trouble($slug);

            return array_filter($trouble->stages, fn(string $stage): bool => $this->effects->of($trouble, $stage, $ways) !== []) !== [];
        }));
    }

    private static function said(?Heard $heard, PhraseWords $words): HeardAnswer
    {
        return match (true) {
            $heard === null => new HeardAnswer('empty', '', [], []),
            $heard->question !== null => new HeardAnswer('asked', $words->question($heard->question), [], AnswersToQuestion::of($heard)),
            $heard->refusal !== null => new HeardAnswer('refused', $words->refusal($heard->refusal), [], []),
            $heard->leftOut !== null => new HeardAnswer('left-out', $words->refusal($heard->leftOut), [], []),
            $heard->lines === [] => new HeardAnswer('water', $words->whole($heard), [], []),
            default => new HeardAnswer('line', $words->whole($heard), array_merge(...array_map($words->assumed(...), $heard->lines)), []),
        };
    }

    /**
     * Null while a line is unclear, or nothing is there yet.
     *
     * @param list<Heard> $heard
     *
     * @throws Failure when the lines are clear but come to no recipe
     */
    private function recipe(ComposeInput $input, array $heard): ?Recipe
    {
        $name = $input->name === '' ? TypedRecipe::named($heard) : $input->name;

        return (new TypedRecipe($this->recipes))->of(
            $heard,
            $input->slug ?? Slug::of($name, fn(string $slug): bool => $this->shipped->has($slug) || $this->shelf->newest($slug) !== null),
            $name,
            $input->use,
            $input->order,
            $input->notes,
            $this->kitchenware->kitchen(),
        );
    }

    /** @return array{strength: list<string>, verdicts: list<WrittenVerdict>} */
    private function judged(?Recipe $recipe): array
    {
        if ($recipe === null || $recipe->use === RecipeUse::Stock) {
            return ['strength' => [], 'verdicts' => []];
        }
        $low = Strengths::of($this->formulator->onBasis($recipe));
        $high = Strengths::of($this->formulator->onBasis($recipe, true));

        return [
            'strength' => MixtureWriter::range($low, $high),
            'verdicts' => array_map($this->verdicts->write(...), $this->gate->verdicts(Question::onto(new SprayNow($recipe->use, $high), Target::of($recipe->use, null), new Circumstances()))),
        ];
    }
}
