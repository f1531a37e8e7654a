<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Recipe;

/**
 * Reads one line of a recipe as people say it: things, their water, or both. Every text comes to exactly one of: things with
 * finite positive amounts, the water of the recipe, a question, a refusal, or a line left out because nothing is measured in it.
 * Nothing is guessed over in silence: what is taken for granted is said back.
 */
final readonly class PhraseReader
{
    private SpokenThings $things;

    /** @param array<string, float> $measured mL of the household's own amounts by eye, by code */
    public function __construct(
        private Vocabulary $vocabulary,
        private IngredientCatalogue $ingredients,
        private SameAmount $same,
        private ?Kitchen $kitchen = null,
        private array $measured = [],
        private StockShelf $shelf = new StockShelf(),
        private ?Volume $bottle = null,
    ) {
        $this->things = new SpokenThings($vocabulary, $ingredients, $measured);
    }

    /**
     * @param array<string, float> $measured mL of the household's own amounts by eye, by code
     * @param list<Recipe>         $stocks   stocks that a line may speak of
     */
    public static function shipped(?Kitchen $kitchen = null, array $measured = [], array $stocks = []): self
    {
        return new self(Vocabulary::shipped(), IngredientCatalogue::shipped(), SameAmount::shipped(), $kitchen, $measured, shelf: new StockShelf($stocks));
    }

    /**
     * The same for another kitchen, its own amounts by eye, and stocks that a line may speak of.
     *
     * @param array<string, float> $measured mL of the household's own amounts by eye, by code
     * @param list<Recipe>            $stocks
     * @param array<array-key, string> $names slug of what is in a bottle of its own, by what it calls it
     */
    public function in(?Kitchen $kitchen, array $measured, array $stocks, array $names = []): self
    {
        return new self($names === [] ? $this->vocabulary : $this->vocabulary->knowing($names), $this->ingredients, $this->same, $kitchen, $measured, new StockShelf($stocks));
    }

    /** The same, where all of it goes into a bottle. */
    public function into(?Volume $bottle): self
    {
        return new self($this->vocabulary, $this->ingredients, $this->same, $this->kitchen, $this->measured, $this->shelf, $bottle);
    }

    /**
     * Lines of one text, in their order: “the same amount of soap” is as much as of the thing above.
     *
     * @param list<string> $lines
     *
     * @return list<Heard>
     */
    public function all(array $lines): array
    {
        $last = null;
        $all = [];
        foreach ($lines as $line) {
            $like = $this->same->of($line);
            $heard = $like === null ? $this->read($line) : $this->asMuch($line, $like[0], $like[1], $last);
            $last = $heard->lines === [] ? $last : $heard->lines[count($heard->lines) - 1];
            $all[] = $heard;
        }
        // Where the water is said, a line that tells of filling up only says how it is done.
        $isSaid = array_filter($all, static fn(Heard $one): bool => $one->saysWater()) !== [];

        return $isSaid ? $all : array_map(fn(Heard $heard, string $line): Heard => $heard->lines === [] && $heard->basis === null ? FillUp::of($line, $this->bottle) ?? $heard : $heard, $all, $lines);
    }

    /** So many times as much of a thing, or of water, as of another; where that names nothing, the line is read as any other. */
    private function asMuch(string $line, string $thing, float $times, ?SpokenLine $from): Heard
    {
        $heard = $this->read("1 ml {$thing}");
        if ($heard->lines === [] && $heard->basis === null) {
            $plain = $this->read($line);

            return $plain->leftOut === null ? $heard : $plain;
        }
        if ($from === null) {
            return Heard::refused(new Refusal(LineFinding::NoNumber));
        }
        if ($heard->basis !== null) {
            $water = SameAmount::water($from, $times);

            return $water === null || $heard->lines !== [] ? Heard::refused(new Refusal(LineFinding::NoUnitWater)) : Heard::things([], $water);
        }

        return Heard::things(array_map(static fn(SpokenLine $one): SpokenLine => SameAmount::taken($one, $from, $times), $heard->lines));
    }

    public function read(string $line): Heard
    {
        $heard = null;
        // “1. Mix the soap into the water.” is one sentence: the number of a step is none.
        foreach (PlainText::sentences(PlainText::withoutBullet(Pasted::plain($line))) as $sentence) {
            $next = $this->sentence($sentence);
            $heard = $heard === null ? $next : $heard->and($next);
        }

        return $heard ?? Heard::refused(new Refusal(LineFinding::Empty));
    }

    private function sentence(string $line): Heard
    {
        try {
            $plain = PlainText::of($line);

            return $plain === '' ? Heard::refused(new Refusal(LineFinding::Empty)) : $this->understood($plain);
        } catch (Unclear $unclear) {
            return $unclear->what instanceof Question ? Heard::asking($unclear->what) : Heard::refused($unclear->what);
        }
    }

    /** @throws Unclear */
    private function understood(string $plain): Heard
    {
        $tokens = Tokenizer::tokens($plain, $this->vocabulary, $this->kitchen, $this->shelf);
        if (Prose::leavesOpen($tokens, $plain)) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoNumber));
        }
        if (Prose::isProse($tokens)) {
            return Heard::leftOut(new Refusal(LineFinding::LeftOut));
        }
        $tokens = Asides::without($tokens);
        $this->stopAtWhatIsNot($tokens);
        $units = new SpokenUnits($plain);
        $said = array_values(array_filter($tokens, static fn(Token $token): bool => ! $token->weighsNothing()));
        $clauses = LineParser::clauses($said, $units);
        if ($clauses === []) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoIngredient));
        }

        return $this->things->of($clauses, $units, $plain, array_values(array_filter($tokens, static fn(Token $token): bool => $token->readAs !== null)));
    }

    /**
     * @param list<Token> $tokens
     *
     * @throws Unclear at the first word that is refused, asked about, or not known
     */
    private function stopAtWhatIsNot(array $tokens): void
    {
        foreach ($tokens as $token) {
            if ($token->kind === TokenKind::Refused) {
                throw Unclear::becauseOf(new Refusal(LineFinding::from("refused-{$token->code}"), ['word' => $token->word]));
            }
        }
        foreach ($tokens as $token) {
            if ($token->question !== null) {
                throw Unclear::becauseOf($token->question);
            }
            if ($token->kind === TokenKind::Unknown) {
                $near = $this->vocabulary->nearest($token->word);
                throw Unclear::becauseOf($near === null ? new Refusal(LineFinding::UnknownWord, ['word' => $token->word]) : new Refusal(LineFinding::Misspelt, ['word' => $token->word, 'near' => $near]));
            }
        }
    }
}
