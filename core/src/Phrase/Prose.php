<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Words\Say;

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

    /**
     * Whether a thing is named and it is left open how much of it goes in: that is asked, and never passed over.
     *
     * @param list<Token> $tokens
     */
    public static function leavesOpen(array $tokens, string $plain): bool
    {
        if (self::hasAmount($tokens) || array_filter($tokens, static fn(Token $token): bool => $token->isThing()) === [] || count($tokens) > InputLines::PROSE_WORDS['value']) {
            return false;
        }
        if (self::isBare($tokens)) {
            return true;
        }
        /** @var array{before: list<string>, behind: list<string>} $open */
        $open = Say::words('reading/no-amounts');
        $said = [
            ...array_filter($open['before'], static fn(string $words): bool => str_starts_with($plain, "{$words} ")),
            ...array_filter($open['behind'], static fn(string $words): bool => str_ends_with($plain, $words)),
        ];
        $known = explode(' ', implode(' ', $said));

        // Another word that is not known makes it a sentence: “some gardeners add soap”.
        return $said !== [] && array_filter($tokens, static fn(Token $token): bool => $token->kind === TokenKind::Unknown && ! in_array($token->word, $known, true)) === [];
    }

    /**
     * Whether a thing stands there with nothing but of which kind it is: “neem oil, cold pressed”.
     *
     * @param list<Token> $tokens
     */
    private static function isBare(array $tokens): bool
    {
        $more = array_filter($tokens, static fn(Token $token): bool => ! $token->is(TokenKind::Ingredient, TokenKind::Quality, TokenKind::Open, TokenKind::Close, TokenKind::Apart) && $token->word !== ',');

        // A name by itself is asked for where lines are read; an egg by itself is one.
        return $more === [] && count($tokens) > 1 && count(array_filter($tokens, static fn(Token $token): bool => $token->kind === TokenKind::Ingredient)) === 1;
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
