<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;

/** Tells the lines of a page in which something is measured from those that only tell about it. */
final class Prose
{
    /**
     * Whether nothing is looked for in the line: there is no amount in it and more than a bare name, or words that are not known
     * make up so much of it that an amount in it is told and not asked for.
     *
     * @param list<Token> $tokens
     */
    public static function isProse(array $tokens): bool
    {
        $words = count(array_filter($tokens, static fn(Token $token): bool => preg_match('/\A\p{L}/u', $token->word) === 1));
        $unknown = count(array_filter($tokens, static fn(Token $token): bool => $token->kind === TokenKind::Unknown));
        if (! self::hasAmount($tokens)) {
            $named = array_filter($tokens, static fn(Token $token): bool => $token->is(TokenKind::Refused, TokenKind::Asked) || $token->isThing());

            $number = self::number($tokens) !== null;
            $others = count(array_filter($tokens, static fn(Token $token): bool => $token->kind !== TokenKind::Joint)) - count($named);

            return match (true) {
                $unknown > 0 => $named === [] || $tokens[0]->kind !== TokenKind::Number || $words >= InputLines::PROSE_WORDS['value'],
                // “Mix the soap into the water” says how, and not how much.
                default => ! $number && ($named === [] || $others > 0),
            };
        }

        // What begins with an amount asks for it, whatever is said behind.
        return ! $tokens[0]->beginsAmount() && $words >= InputLines::PROSE_WORDS['value'] && $unknown >= InputLines::PROSE_SHARE['value'] * $words;
    }

    /** @param list<Token> $tokens */
    private static function hasAmount(array $tokens): bool
    {
        foreach ($tokens as $i => $token) {
            $next = $tokens[$i + 1] ?? null;
            $counted = $token->kind === TokenKind::Number && ($next?->is(TokenKind::Unit, TokenKind::ByEye, TokenKind::Percent, TokenKind::Parts, TokenKind::Size, TokenKind::Ingredient, TokenKind::Refused) ?? false);
            if ($counted || $token->is(TokenKind::Unit, TokenKind::ByEye, TokenKind::Ratio, TokenKind::Equal)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Token> $tokens */
    private static function number(array $tokens): ?Token
    {
        foreach ($tokens as $token) {
            if ($token->kind === TokenKind::Number) {
                return $token;
            }
        }

        return null;
    }
}
