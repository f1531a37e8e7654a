<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\Heard;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Phrase\TypedRecipe;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\MixtureWriter;

/**
 * A recipe from plain text, one thing a line as people say it.
 *
 * @phpstan-type LineRow array{text: string, status: 'understood'|'asked'|'refused', ingredient: string|null, amount: float|null, unit: string|null, upTo: float|null, strength: float|null, leftOut: bool, message: string, answers: list<array{words: string, line: string}>}
 */
final readonly class Compose
{
    /** What the water is called among the ingredients. */
    private const WATER = 'water';

    /** Of a line that is a share and no amount. */
    private const PERCENT = '%';

    /** A page of prose with a recipe in it has more lines than any recipe. */
    private const MOST_LINES = InputLines::MOST_TYPED_LINES['value'];

    public function __construct(private TypedRecipe $recipes, private PhraseWords $words, private Formulator $formulator, private RecipeCatalogue $shipped, private PhraseReader $reader) {}

    public static function shipped(): self
    {
        return new self(new TypedRecipe(new RecipeReader(IngredientCatalogue::shipped())), PhraseWords::shipped(), new Formulator(), RecipeCatalogue::shipped(), PhraseReader::shipped());
    }

    /**
     * @param Volume|null $bottle that all of it goes into
     * @param string $text UTF-8, a page with lines that say how much; blank lines are passed over, and so is what measures nothing
     *
     * @return array{recipe: array<string, mixed>|null, lines: list<LineRow>, strength: array<string, float>|null, problem: string|null}
     *
     * @throws InvalidDocument when there are too many lines
     */
    public function answer(string $text, ?Kitchen $kitchen, RecipeUse $use, ?Volume $bottle = null): array
    {
        $lines = array_values(array_filter(explode("\n", str_replace(["\r\n", "\r"], "\n", $text)), static fn(string $line): bool => trim($line) !== ''));
        if (count($lines) > self::MOST_LINES) {
            throw InvalidDocument::because('', Say::it('ask/compose.at-most-lines-are-read', ['most-lines' => self::MOST_LINES]), count($lines));
        }
        $reader = $this->reader->in($kitchen, [], $this->shipped->stocks())->into($bottle);
        $heard = $reader->all($lines);
        $problem = null;
        try {
            $recipe = $this->recipes->of($heard, 'typed', 'Typed', $use, MixingOrder::AllTogether, '', $kitchen);
            $strength = $recipe === null ? null : MixtureWriter::strength(Strengths::of($this->formulator->onBasis($recipe)));
        } catch (InvalidDocument $fault) {
            $recipe = $strength = null;
            $problem = $fault->getMessage();
        }

        return [
            'recipe' => $recipe === null ? null : RecipeWriter::write($recipe),
            'lines' => array_merge(...array_map($this->rows(...), $lines, $heard)),
            'strength' => $strength,
            'problem' => $problem,
        ];
    }

    /** @return list<LineRow> one for each thing on the line */
    private function rows(string $text, Heard $heard): array
    {
        $bare = ['ingredient' => null, 'amount' => null, 'unit' => null, 'upTo' => null, 'strength' => null, 'leftOut' => false];
        if ($heard->question !== null) {
            return [['text' => $text, 'status' => 'asked', ...$bare, 'message' => $this->words->question($heard->question), 'answers' => $heard->question->answers]];
        }
        $refusal = $heard->refusal ?? $heard->leftOut;
        if ($refusal !== null) {
            return [['text' => $text, 'status' => 'refused', ...$bare, 'leftOut' => $heard->leftOut !== null, 'message' => $this->words->refusal($refusal), 'answers' => []]];
        }
        $rows = array_map(fn(SpokenLine $line): array => $this->row($text, $line), $heard->lines);
        if ($heard->basis !== null) {
            $unit = $heard->basis->unit;
            $rows[] = ['text' => $text, 'status' => 'understood', 'ingredient' => self::WATER, 'amount' => $heard->basis->amount * ($unit->factor ?? 1.0), 'unit' => $unit?->unit->value, 'upTo' => null, 'strength' => null, 'leftOut' => false, 'message' => $this->words->basis($heard->basis), 'answers' => []];
        }

        return $rows;
    }

    /** @return LineRow */
    private function row(string $text, SpokenLine $line): array
    {
        $factor = $line->unit->factor ?? 1.0;

        return [
            'text' => $text,
            'status' => 'understood',
            'ingredient' => $line->slug(),
            'leftOut' => false,
            'amount' => $line->low * $factor,
            'unit' => $line->kind === SpokenKind::Percent ? self::PERCENT : $line->unit?->unit->value,
            'upTo' => $line->high === null ? null : $line->high * $factor,
            'strength' => $line->strength,
            'message' => implode(' ', [$this->words->line($line) . '.', ...$this->words->assumed($line)]),
            'answers' => [],
        ];
    }
}
