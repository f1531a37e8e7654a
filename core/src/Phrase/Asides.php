<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What stands in brackets and measures nothing: “(cold pressed, from the shop)”, “(not baking powder)”. */
final class Asides
{
    /**
     * The line without them; brackets that hold a number, a name that is known and nothing unknown, or an end that is missing stay.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    public static function without(array $tokens): array
    {
        $kept = [];
        for ($i = 0; $i < count($tokens); ++$i) {
            $end = $tokens[$i]->kind === TokenKind::Open ? self::end($tokens, $i) : null;
            if ($end !== null && self::isAside(array_slice($tokens, $i + 1, $end - $i - 1))) {
                $i = $end;
                continue;
            }
            $kept[] = $tokens[$i];
        }

        return $kept;
    }

    /** @param list<Token> $tokens */
    private static function end(array $tokens, int $open): ?int
    {
        for ($i = $open + 1; $i < count($tokens); ++$i) {
            if ($tokens[$i]->kind === TokenKind::Close) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<Token> $within */
    private static function isAside(array $within): bool
    {
        $unknown = $named = false;
        foreach ($within as $token) {
            if ($token->beginsAmount()) {
                return false;
            }
            $unknown = $unknown || $token->is(TokenKind::Unknown, TokenKind::Refused, TokenKind::Asked);
            $named = $named || $token->isThing() || $token->is(TokenKind::Per, TokenKind::Percent);
        }

        return $unknown || ! $named;
    }
}
