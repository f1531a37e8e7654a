<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

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
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Writing\MixtureWriter;

/**
 * A recipe from plain text, one thing a line as people say it.
 *
 * @phpstan-type LineRow array{text: string, status: 'understood'|'asked'|'refused', ingredient: string|null, amount: float|null, unit: string|null, upTo: float|null, message: string, answers: list<array{words: string, line: string}>}
 */
final readonly class Compose
{
    /** What the water is called among the ingredients. */
    private const WATER = 'water';

    /** Of a line that is a share and no amount. */
    private const PERCENT = '%';

    public function __construct(private TypedRecipe $recipes, private PhraseWords $words, private Formulator $formulator) {}

    public static function shipped(): self
    {
        return new self(new TypedRecipe(new RecipeReader(IngredientCatalogue::shipped())), PhraseWords::shipped(), new Formulator());
    }

    /**
     * @param string $text UTF-8, one thing a line; blank lines are passed over
     *
     * @return array{recipe: array<string, mixed>|null, lines: list<LineRow>, strength: array<string, float>|null, problem: string|null}
     *
     * @throws InvalidDocument when there are too many lines
     */
    public function answer(string $text, ?Kitchen $kitchen, RecipeUse $use): array
    {
        $lines = array_values(array_filter(explode("\n", str_replace(["\r\n", "\r"], "\n", $text)), static fn(string $line): bool => trim($line) !== ''));
        if (count($lines) > 2 * RecipeReader::MAX_LINES) {
            throw InvalidDocument::because('', 'At most ' . 2 * RecipeReader::MAX_LINES . ' lines are read, found {found}.', count($lines));
        }
        $reader = PhraseReader::shipped($kitchen);
        $heard = array_map($reader->read(...), $lines);
        $problem = null;
        try {
            $recipe = $this->recipes->of($heard, 'typed', 'Typed', $use, MixingOrder::AllTogether);
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
        $bare = ['ingredient' => null, 'amount' => null, 'unit' => null, 'upTo' => null];
        if ($heard->question !== null) {
            return [['text' => $text, 'status' => 'asked', ...$bare, 'message' => $this->words->question($heard->question), 'answers' => $heard->question->answers]];
        }
        if ($heard->refusal !== null) {
            return [['text' => $text, 'status' => 'refused', ...$bare, 'message' => $this->words->refusal($heard->refusal), 'answers' => []]];
        }
        if ($heard->basis !== null) {
            return [['text' => $text, 'status' => 'understood', 'ingredient' => self::WATER, 'amount' => $heard->basis->amount * $heard->basis->unit->factor, 'unit' => $heard->basis->unit->unit->value, 'upTo' => null, 'message' => $this->words->basis($heard->basis), 'answers' => []]];
        }

        return array_map(fn(SpokenLine $line): array => $this->row($text, $line), $heard->lines);
    }

    /** @return LineRow */
    private function row(string $text, SpokenLine $line): array
    {
        $factor = $line->unit->factor ?? 1.0;

        return [
            'text' => $text,
            'status' => 'understood',
            'ingredient' => $line->ingredient->slug,
            'amount' => $line->low * $factor,
            'unit' => $line->kind === SpokenKind::Percent ? self::PERCENT : $line->unit?->unit->value,
            'upTo' => $line->high === null ? null : $line->high * $factor,
            'message' => implode(' ', [$this->words->line($line) . '.', ...$this->words->assumed($line)]),
            'answers' => [],
        ];
    }
}
