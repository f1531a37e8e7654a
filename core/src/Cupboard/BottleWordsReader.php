<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Phrase\LineFinding;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\Question;
use IdleMixer\Core\Phrase\Refusal;

/** Reads what people call a bottle as a line of a recipe would be read: one vocabulary for both. */
final readonly class BottleWordsReader
{
    /** Whatever stands in a bottle can be measured so. */
    private const SO_MUCH = '1 mL ';

    public function __construct(private PhraseReader $reader) {}

    public static function shipped(): self
    {
        return new self(PhraseReader::shipped());
    }

    public function read(string $words): HeardBottle
    {
        $heard = $this->reader->read(self::SO_MUCH . $words);
        $line = $heard->lines[0] ?? null;

        return match (true) {
            $heard->question !== null => HeardBottle::asking(new Question($heard->question->finding, $heard->question->word, array_map(static fn(array $one): array => ['words' => $one['words'], 'line' => self::bare($one['line'])], $heard->question->answers))),
            count($heard->lines) === 1 && $line?->of instanceof Ingredient => HeardBottle::of($line->of, $line),
            $heard->lines !== [] => HeardBottle::refused(new Refusal(LineFinding::TwoThings)),
            default => HeardBottle::refused($heard->refusal ?? $heard->leftOut ?? new Refusal(LineFinding::NoIngredient)),
        };
    }

    private static function bare(string $line): string
    {
        return str_starts_with($line, self::SO_MUCH) ? substr($line, strlen(self::SO_MUCH)) : $line;
    }
}
