<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Words\Say;

/** Turns one line into tokens; what is not known becomes a token, too, for whoever judges the whole. */
final class Tokenizer
{
    /** @var list<Token> */
    private array $tokens = [];

    /** @var list<RawWord> */
    private readonly array $words;

    private readonly NumberReader $numbers;

    private function __construct(private readonly Vocabulary $vocabulary, private readonly ?Kitchen $kitchen, private readonly StockShelf $stocks, private readonly string $plain)
    {
        $this->words = PlainText::words($plain);
        $this->numbers = new NumberReader($this->words, $plain, $kitchen);
    }

    /**
     * @return list<Token>
     *
     * @throws Unclear at a number that cannot be read, or has two readings
     */
    public static function tokens(string $plain, Vocabulary $vocabulary, ?Kitchen $kitchen, StockShelf $stocks): array
    {
        $self = new self($vocabulary, $kitchen, $stocks, $plain);
        for ($i = 0; $i < count($self->words);) {
            $i = $self->step($i);
        }

        return $self->tokens;
    }

    private function step(int $i): int
    {
        return $this->ratio($i) ?? $this->loose($i) ?? $this->stock($i) ?? $this->named($i) ?? $this->article($i) ?? $this->number($i) ?? $this->misspelt($i) ?? $this->unknown($i);
    }

    /** “1:100”, and “50/50”. */
    private function ratio(int $i): ?int
    {
        [$first, $sign, $second] = [$this->text($i), $this->text($i + 1), $this->text($i + 2)];
        if (! in_array($sign, [':', '/'], true) || ! isset($this->words[$i + 2]) || ! $this->words[$i]->isNumber() || ! $this->words[$i + 2]->isNumber()) {
            return null;
        }
        if ($sign === '/') {
            return $first === $second && $first !== '0' ? $this->push(Token::of(TokenKind::Equal, "{$first}/{$second}", $this->from($i), $this->to($i + 2)), $i + 3) : null;
        }
        [$of] = $this->numbers->at($i) ?? [1.0];
        [$water, $next] = $this->numbers->at($i + 2) ?? [1.0, $i + 3];
        if ($this->text($next) === ':') {
            throw Unclear::becauseOf(new Refusal(LineFinding::Shape));
        }

        return $this->push(Token::ratio("{$first}:{$second}", $this->from($i), $this->to($next - 1), $of, $water), $next);
    }

    /** “a couple of”, unless it is “a couple of drops”, which has a range of its own. */
    private function loose(int $i): ?int
    {
        $found = $this->numbers->loose($i);
        if ($found === null) {
            return null;
        }
        for ($length = min(Vocabulary::LONGEST, count($this->words) - $i); $length > 1; --$length) {
            if ($this->vocabulary->byEye($this->run($i, $length)) !== null) {
                return null;
            }
        }

        return $this->push(Token::number($this->run($i, $found[2] - $i), $this->from($i), $this->to($found[2] - 1), $found[0], $found[1]), $found[2]);
    }

    private function stock(int $i): ?int
    {
        $words = array_map(static fn(RawWord $raw): string => $raw->text, array_slice($this->words, $i, StockShelf::LONGEST));
        [$stocks, $length] = $this->stocks->named($words);

        return $length === 0 ? null : $this->push(Token::stock($this->run($i, $length), $this->from($i), $this->to($i + $length - 1), $stocks), $i + $length);
    }

    /** The longest known run of words that starts here. */
    private function named(int $i): ?int
    {
        for ($length = min(Vocabulary::LONGEST, count($this->words) - $i); $length > 0; --$length) {
            $token = $this->known($this->run($i, $length), $i, $length);
            if ($token !== null) {
                return $this->push($token, $i + $length);
            }
        }

        return $this->qualified($i);
    }

    private function known(string $word, int $i, int $length): ?Token
    {
        [$from, $to] = [$this->from($i), $this->to($i + $length - 1)];
        $reason = $this->vocabulary->refusal($word, $this->kitchen);
        if ($reason !== null) {
            return Token::of(TokenKind::Refused, $word, $from, $to, $reason);
        }
        $asked = $this->vocabulary->asked($word);
        if ($asked !== null) {
            return Token::asked(new Question(LineFinding::from($asked['code']), $word, array_map(fn(array $answer): array => ['words' => $answer['words'], 'line' => substr_replace($this->plain, $answer['as'], $from, $to - $from)], $asked['answers'])), $from, $to);
        }
        $ingredient = $this->vocabulary->ingredient($word);
        if ($ingredient !== null) {
            return Token::of(TokenKind::Ingredient, $word, $from, $to, $ingredient['slug'], $ingredient['assumed']);
        }
        $eye = $this->vocabulary->byEye($word);
        if ($eye !== null) {
            return Token::of(TokenKind::ByEye, $word, $from, $to, $eye);
        }
        if ($this->vocabulary->isUnit($word)) {
            return $this->unit($word, $this->kitchen, $from, $to);
        }
        // At the head of a line a stroke before a number is a minus; within it, it parts things.
        $kind = $i === 0 && $word === '-' ? null : $this->vocabulary->lineWord($word);

        return $kind === null ? null : Token::of($kind, $word, $from, $to, $kind === TokenKind::Size ? $this->vocabulary->size($word) : '');
    }

    /** “US gallon”, “metric cup”: the word before says whose. */
    private function qualified(int $i): ?int
    {
        $kitchen = $this->vocabulary->kitchen($this->text($i));
        for ($length = min(Vocabulary::LONGEST - 1, count($this->words) - $i - 1); $kitchen !== null && $length > 0; --$length) {
            $unit = $this->run($i + 1, $length);
            if ($this->vocabulary->isUnit($unit)) {
                return $this->push($this->unit($unit, $kitchen, $this->from($i), $this->to($i + $length)), $i + 1 + $length);
            }
        }

        return null;
    }

    private function unit(string $word, ?Kitchen $kitchen, int $from, int $to): Token
    {
        return Token::unit($word, $from, $to, $this->vocabulary->meanings($word, $kitchen), $this->vocabulary->ofWater($word, $kitchen), $this->vocabulary->isVessel($word));
    }

    /** “a gallon” after spoons is a rate, before anything else it is one. */
    private function article(int $i): ?int
    {
        if (! in_array($this->text($i), ['a', 'an'], true) || $this->numbers->at($i) !== null) {
            return null;
        }
        $before = $this->before();
        if ($before !== null && $before->is(TokenKind::Unit, TokenKind::Ingredient, TokenKind::ByEye) && $this->vocabulary->isVessel($this->text($i + 1))) {
            return $this->push(Token::of(TokenKind::Per, $this->text($i), $this->from($i), $this->to($i)), $i + 1);
        }
        // “half a cup”, “a 32 oz bottle”: the number is said by itself.
        if ($before?->kind === TokenKind::Number || $this->numbers->at($i + 1) !== null) {
            return $i + 1;
        }

        return $this->push(Token::number($this->text($i), $this->from($i), $this->to($i), 1.0), $i + 1);
    }

    /** The last token that says something. */
    private function before(): ?Token
    {
        for ($i = count($this->tokens) - 1; $i >= 0; --$i) {
            if (! $this->tokens[$i]->weighsNothing()) {
                return $this->tokens[$i];
            }
        }

        return null;
    }

    private function number(int $i): ?int
    {
        if ($this->text($i) === '-' && isset($this->words[$i + 1])) {
            throw Unclear::becauseOf(new Refusal(LineFinding::Negative));
        }
        [$open, $joints] = match ($this->text($i)) {
            'between' => [1, ['and', '&', '-']],
            default => [0, ['-', 'to', 'or', 'x']],
        };
        $first = $this->numbers->at($i + $open);
        if ($first === null) {
            return null;
        }
        [$low, $next] = $first;
        $joint = $this->text($next);
        $second = in_array($joint, $joints, true) && isset($this->words[$next + 1]) ? $this->numbers->at($next + 1) : null;
        $second = $joint === 'or' && $second !== null && ($second[0] <= $low || in_array($this->text($next + 1), ['a', 'an'], true)) ? null : $second;
        if ($second === null) {
            return $open === 1 ? null : $this->push(Token::number($this->run($i, $next - $i), $this->from($i), $this->to($next - 1), $low), $next);
        }
        [$from, $to, $word] = [$this->from($i), $this->to($second[1] - 1), $this->run($i, $second[1] - $i)];
        if ($joint === 'x') {
            return $this->push(Token::number($word, $from, $to, $low * $second[0]), $second[1]);
        }
        if ($second[0] <= $low) {
            throw Unclear::becauseOf($this->backwards($i, $second[1], $joint, $low, $second[0]));
        }

        return $this->push(Token::number($word, $from, $to, $low, $second[0]), $second[1]);
    }

    /** “1-1/2” may be one and a half, or a range the wrong way round. */
    private function backwards(int $i, int $next, string $joint, float $low, float $high): Question|Refusal
    {
        $from = $this->from($i);
        $to = $this->to($next - 1);
        $written = substr($this->plain, $from, $to - $from);
        if ($joint !== '-' || $high >= 1.0) {
            return new Refusal(LineFinding::RangeBackwards, ['range' => $written]);
        }
        $mixed = str_replace('-', ' ', $written);
        [$left, $right] = explode('-', $written, 2);

        return new Question(LineFinding::MixedOrRange, $written, array_map(
            fn(string $one): array => ['words' => $one, 'line' => substr_replace($this->plain, $one, $from, $to - $from)],
            [trim((string) preg_replace('/\s+/', ' ', $mixed)), Say::it('phrase/tokenizer.to', ['right' => trim($right), 'left' => trim($left)])],
        ));
    }

    /** What one word alone is near to, taken for that; it is said back. */
    private function misspelt(int $i): ?int
    {
        for ($length = min(Vocabulary::LONGEST, count($this->words) - $i); $length > 0; --$length) {
            $word = $this->run($i, $length);
            $meant = preg_match('/\A[a-z\' ]+\z/', $word) === 1 ? $this->vocabulary->meant($word) : null;
            $token = $meant === null ? null : $this->known($meant, $i, $length);
            if ($token !== null) {
                return $this->push($token->insteadOf($word, $token->from, $token->to), $i + $length);
            }
        }

        return null;
    }

    private function unknown(int $i): int
    {
        return $this->push(Token::of(TokenKind::Unknown, $this->text($i), $this->from($i), $this->to($i)), $i + 1);
    }

    private function push(Token $token, int $next): int
    {
        $this->tokens[] = $token;

        return $next;
    }

    private function run(int $i, int $length): string
    {
        return implode(' ', array_map(static fn(RawWord $raw): string => $raw->text, array_slice($this->words, $i, $length)));
    }

    private function text(int $i): string
    {
        return $this->words[$i]->text ?? '';
    }

    private function from(int $i): int
    {
        return $this->words[$i]->offset;
    }

    private function to(int $i): int
    {
        return $this->words[$i]->end();
    }
}
