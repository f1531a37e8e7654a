<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** Reads the amount that begins at a token: “2 tbsp”, “a good squirt”, “1 %”, “1 in 100”, “one part”. */
final readonly class MuchReader
{
    /** @param list<Token> $tokens */
    public function __construct(private array $tokens) {}

    /**
     * The amount, and the token after it.
     *
     * @return array{Much, int}
     *
     * @throws Unclear when a size stands by itself
     */
    public function at(int $i): array
    {
        $first = $this->tokens[$i];
        if ($first->kind === TokenKind::Ratio || $first->kind === TokenKind::Equal) {
            return [Much::of(MuchKind::Ratio, $first->kind === TokenKind::Ratio ? $first->low : 1.0, $first->high ?? 1.0, $first->from, $first->to), $i + 1];
        }
        $size = $this->take($i, TokenKind::Size);
        $number = $this->take($i, TokenKind::Number);
        $i = $this->afterTheSame($number, $i);
        $size ??= $this->take($i, TokenKind::Size);
        [$low, $high] = [$number->low ?? 1.0, $number?->high];
        $next = $this->tokens[$i] ?? null;
        if ($next !== null && $next->is(TokenKind::Unit, TokenKind::ByEye)) {
            ++$i;
            $size ??= $this->take($i, TokenKind::Size);

            return [Much::of($next->kind === TokenKind::Unit ? MuchKind::Measured : MuchKind::ByEye, $low, $high, $first->from, max($next->to, $size->to ?? 0), $next, $size), $i];
        }
        if ($number === null || $size !== null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::SizeOfWhat, ['word' => ($size ?? $first)->word, 'unit' => $next === null ? 'nothing' : $next->word]));
        }

        return $this->share($number, $i) ?? [Much::of(MuchKind::Counted, $low, $high, $first->from, $number->to), $i];
    }

    /** “two (2)” says it once. */
    private function afterTheSame(?Token $number, int $i): int
    {
        $again = $this->tokens[$i + 1] ?? null;
        $same = $number !== null && ($this->tokens[$i] ?? null)?->kind === TokenKind::Open && $again?->kind === TokenKind::Number && $again->low === $number->low && $again->high === $number->high && ($this->tokens[$i + 2] ?? null)?->kind === TokenKind::Close;

        return $same ? $i + 3 : $i;
    }

    /** @return array{Much, int}|null */
    private function share(Token $number, int $i): ?array
    {
        $next = $this->tokens[$i] ?? null;
        if ($next?->kind === TokenKind::Parts) {
            return [Much::of(MuchKind::Parts, $number->low, $number->high, $number->from, $next->to), $i + 1];
        }
        if ($next?->kind === TokenKind::Percent) {
            ++$i;
            $by = $this->take($i, TokenKind::ByVolume) ?? $this->take($i, TokenKind::ByWeight);
            $share = $this->take($i, TokenKind::Share);

            return [Much::of(MuchKind::Percent, $number->low, $number->high, $number->from, max($next->to, $by->to ?? 0, $share->to ?? 0), by: $by), $i];
        }
        $of = $this->tokens[$i + 1] ?? null;
        $after = $this->tokens[$i + 2] ?? null;
        // “1 in 100”: so much of the whole.
        if ($next?->word === 'in' && $of?->kind === TokenKind::Number && $of->high === null && $number->high === null && $of->low > $number->low && ! ($after?->is(TokenKind::Unit, TokenKind::Parts, TokenKind::Percent, TokenKind::ByEye) ?? false)) {
            return [Much::of(MuchKind::Percent, 100.0 * $number->low / $of->low, null, $number->from, $of->to), $i + 2];
        }

        return null;
    }

    private function take(int &$i, TokenKind $kind): ?Token
    {
        $token = $this->tokens[$i] ?? null;
        if ($token === null || $token->kind !== $kind) {
            return null;
        }
        ++$i;

        return $token;
    }
}
