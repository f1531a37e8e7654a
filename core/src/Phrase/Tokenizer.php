<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** Turns one line into tokens; stops at the first word that is not known, or means several things. */
final class Tokenizer
{
    private const KEYWORDS = [
        'per' => TokenKind::Per, 'each' => TokenKind::Per, 'every' => TokenKind::Per, 'for every' => TokenKind::Per, 'for each' => TokenKind::Per,
        'in' => TokenKind::Per, 'into' => TokenKind::Per, 'to each' => TokenKind::Per, 'to every' => TokenKind::Per, 'in each' => TokenKind::Per, '/' => TokenKind::Per,
        'to' => TokenKind::To, 'from' => TokenKind::From, 'at' => TokenKind::From, 'out of' => TokenKind::From,
        '%' => TokenKind::Percent, 'percent' => TokenKind::Percent, 'per cent' => TokenKind::Percent, 'pct' => TokenKind::Percent, ':' => TokenKind::Colon,
        'part' => TokenKind::Parts, 'parts' => TokenKind::Parts,
        'water' => TokenKind::Water, 'rain water' => TokenKind::Water, 'rainwater' => TokenKind::Water, 'soft water' => TokenKind::Water,
        'distilled water' => TokenKind::Water, 'warm water' => TokenKind::Water, 'lukewarm water' => TokenKind::Water, 'tap water' => TokenKind::Water,
        'made up to' => TokenKind::MadeUpTo, 'make up to' => TokenKind::MadeUpTo, 'topped up to' => TokenKind::MadeUpTo, 'top up to' => TokenKind::MadeUpTo,
        'fill up to' => TokenKind::MadeUpTo, 'fill to' => TokenKind::MadeUpTo, 'filled to' => TokenKind::MadeUpTo, 'water to' => TokenKind::MadeUpTo, 'water up to' => TokenKind::MadeUpTo,
        'finished' => TokenKind::Finished, 'finished spray' => TokenKind::Finished, 'in total' => TokenKind::Finished, 'in all' => TokenKind::Finished, 'total' => TokenKind::Finished, 'spray' => TokenKind::Finished,
        'of' => TokenKind::Filler, 'the' => TokenKind::Filler, 'about' => TokenKind::Filler, 'approximately' => TokenKind::Filler, 'approx' => TokenKind::Filler,
        'roughly' => TokenKind::Filler, 'around' => TokenKind::Filler, 'level' => TokenKind::Filler, 'add' => TokenKind::Filler, '~' => TokenKind::Filler,
        'liquid' => TokenKind::Filler, 'strength' => TokenKind::Filler, 'pure' => TokenKind::Filler, 'please' => TokenKind::Filler, 'with' => TokenKind::Filler,
    ];

    /** How full nobody knows. */
    private const HEAPED = ['heaped', 'heaping', 'rounded', 'scant', 'generous', 'big', 'large', 'small', 'little'];

    /** @var list<Token> */
    private array $tokens = [];

    /** @var list<RawWord> */
    private readonly array $words;

    private readonly NumberReader $numbers;

    private function __construct(private readonly Vocabulary $vocabulary, private readonly ?Kitchen $kitchen, private readonly string $plain)
    {
        $this->words = PlainText::words($plain);
        $this->numbers = new NumberReader($this->words, $plain, $kitchen);
    }

    /**
     * @return list<Token>
     *
     * @throws Unclear
     */
    public static function tokens(string $plain, Vocabulary $vocabulary, ?Kitchen $kitchen): array
    {
        $self = new self($vocabulary, $kitchen, $plain);
        $self->refuseWhatIsNoIngredient();
        for ($i = 0; $i < count($self->words);) {
            $i = $self->step($i);
        }

        return $self->tokens;
    }

    /**
     * Nobody is asked which spoon they mean of what is refused anyway.
     *
     * @throws Unclear
     */
    private function refuseWhatIsNoIngredient(): void
    {
        for ($i = 0; $i < count($this->words);) {
            $i += $this->taken($i);
        }
    }

    /**
     * How many words from here are settled: those of an ingredient, or one. The longest run decides, so that what is
     * refused by itself (“essential oil”) may stand within a name that is known (“peppermint essential oil”).
     *
     * @throws Unclear when they name what is refused
     */
    private function taken(int $i): int
    {
        for ($length = min(Vocabulary::LONGEST, count($this->words) - $i); $length > 0; --$length) {
            $word = $this->run($i, $length);
            $reason = $this->vocabulary->refusal($word, $this->kitchen);
            if ($reason !== null) {
                throw Unclear::becauseOf(new Refusal("refused-{$reason}", ['word' => $word]));
            }
            if ($this->vocabulary->ingredient($word) !== null) {
                return $length;
            }
            $asked = $this->vocabulary->asked($word);
            if ($asked !== null) {
                throw Unclear::becauseOf(new Question($asked['code'], $word, array_map(fn(array $answer): array => ['words' => $answer['words'], 'line' => $this->replaced($i, $length, $answer['as'])], $asked['answers'])));
            }
        }

        return 1;
    }

    private function run(int $i, int $length): string
    {
        return implode(' ', array_map(static fn(RawWord $raw): string => $raw->text, array_slice($this->words, $i, $length)));
    }

    private function step(int $i): int
    {
        return $this->named($i) ?? $this->article($i) ?? $this->number($i) ?? $this->other($i);
    }

    /** The longest known run of words that starts here. */
    private function named(int $i): ?int
    {
        for ($length = min(Vocabulary::LONGEST, count($this->words) - $i); $length > 0; --$length) {
            $word = $this->run($i, $length);
            $next = $this->known($word, $i, $length);
            if ($next !== null) {
                return $next;
            }
        }

        return null;
    }

    private function known(string $word, int $i, int $length): ?int
    {
        $token = $this->vocabulary->byEye($word) ?? $this->vocabulary->ingredient($word);
        $keyword = self::KEYWORDS[$word] ?? null;
        if ($token === null && $keyword !== null) {
            $token = Token::of($keyword);
        }
        if ($token !== null) {
            $this->push($token);

            return $i + $length;
        }
        if ($this->vocabulary->isUnit($word)) {
            $this->push($this->unit($word, $this->kitchen, $i, $length));

            return $i + $length;
        }

        return $length === 1 ? $this->qualified($word, $i) : null;
    }

    /** “US gallon”, “metric cup”: the word before says whose. */
    private function qualified(string $word, int $i): ?int
    {
        $kitchen = $this->vocabulary->kitchen($word);
        if ($kitchen === null) {
            return null;
        }
        for ($length = min(Vocabulary::LONGEST - 1, count($this->words) - $i - 1); $length > 0; --$length) {
            $unit = $this->run($i + 1, $length);
            if ($this->vocabulary->isUnit($unit)) {
                $this->push($this->unit($unit, $kitchen, $i + 1, $length));

                return $i + 1 + $length;
            }
        }

        return null;
    }

    private function unit(string $word, ?Kitchen $kitchen, int $i, int $length): Token
    {
        $meanings = $this->vocabulary->meanings($word, $kitchen);
        if (count($meanings) === 1) {
            return Token::unit($meanings[0], $this->vocabulary->isVessel($word));
        }
        $answers = [];
        foreach ($meanings as $meaning) {
            $answers[] = ['words' => $meaning->words, 'line' => $this->replaced($i, $length, strtolower($meaning->words))];
        }

        throw Unclear::becauseOf(new Question('unit-unclear', $word, $answers));
    }

    /** The line with other words in the place of these. */
    private function replaced(int $i, int $length, string $by): string
    {
        $from = $this->words[$i]->offset;

        return substr_replace($this->plain, $by, $from, $this->words[$i + $length - 1]->end() - $from);
    }

    /** “a gallon” after spoons is a rate, before anything else it is one. */
    private function article(int $i): ?int
    {
        $word = $this->words[$i]->text;
        if (! in_array($word, ['a', 'an'], true) || $this->numbers->at($i) !== null) {
            return null;
        }
        $before = end($this->tokens);
        $afterAmount = $before !== false && in_array($before->kind, [TokenKind::Unit, TokenKind::Ingredient, TokenKind::ByEye], true);
        if ($afterAmount && $this->vocabulary->isVessel($this->words[$i + 1]->text ?? '')) {
            $this->push(Token::of(TokenKind::Per));
        } elseif ($before !== false && in_array($before->kind, [TokenKind::Number, TokenKind::Per], true)) {
            // “half a cup”, “in a gallon”: the number, or the one, is said already.
            return $i + 1;
        } else {
            $this->push(Token::number(1.0));
        }

        return $i + 1;
    }

    private function number(int $i): ?int
    {
        if ($this->words[$i]->text === '-') {
            throw Unclear::becauseOf(new Refusal('negative'));
        }
        $first = $this->numbers->at($i);
        if ($first === null) {
            return null;
        }
        [$low, $next] = $first;
        $joint = $this->words[$next]->text ?? '';
        $second = in_array($joint, ['-', 'to', 'or', 'x'], true) && isset($this->words[$next + 1]) ? $this->numbers->at($next + 1) : null;
        if ($second === null) {
            $this->push(Token::number($low));

            return $next;
        }
        if ($joint === 'x') {
            $this->push(Token::number($low * $second[0]));

            return $second[1];
        }
        if ($second[0] <= $low) {
            throw Unclear::becauseOf($this->backwards($i, $second[1], $joint, $low, $second[0]));
        }
        $this->push(Token::number($low, $second[0]));

        return $second[1];
    }

    /** “1-1/2” may be one and a half, or a range the wrong way round. */
    private function backwards(int $i, int $next, string $joint, float $low, float $high): Question|Refusal
    {
        $from = $this->words[$i]->offset;
        $to = $this->words[$next - 1]->end();
        $written = substr($this->plain, $from, $to - $from);
        if ($joint !== '-' || $high >= 1.0) {
            return new Refusal('range-backwards', ['range' => $written]);
        }
        $mixed = str_replace('-', ' ', $written);
        [$left, $right] = explode('-', $written, 2);

        return new Question('mixed-or-range', $written, array_map(
            fn(string $one): array => ['words' => $one, 'line' => substr_replace($this->plain, $one, $from, $to - $from)],
            [$mixed, "{$right} to {$left}"],
        ));
    }

    private function other(int $i): int
    {
        $word = $this->words[$i]->text;
        if (in_array($word, self::HEAPED, true)) {
            throw Unclear::becauseOf(new Refusal('heaped', ['word' => $word]));
        }
        if (in_array($word, ['and', 'plus', '+', '&'], true)) {
            throw Unclear::becauseOf(new Refusal('two-things'));
        }
        $near = $this->vocabulary->nearest($word);

        throw Unclear::becauseOf($near === null
            ? new Refusal('unknown-word', ['word' => $word])
            : new Refusal('misspelt', ['word' => $word, 'near' => $near]));
    }

    private function push(Token $token): void
    {
        if ($token->kind !== TokenKind::Filler) {
            $this->tokens[] = $token;
        }
    }
}
