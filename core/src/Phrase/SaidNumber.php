<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** A number as people write it, by itself: “2½”, “two or three”, “one and a half”. */
final class SaidNumber
{
    /** @return array{float, float}|null from and to, equal where it is one; null where it is no number */
    public static function range(string $said): ?array
    {
        try {
            $tokens = array_values(array_filter(Tokenizer::tokens(PlainText::of($said), Vocabulary::shipped(), Kitchen::Us, new StockShelf()), static fn(Token $token): bool => ! $token->weighsNothing()));
        } catch (Unclear) {
            return null;
        }

        return count($tokens) === 1 && $tokens[0]->kind === TokenKind::Number ? [$tokens[0]->low, $tokens[0]->high ?? $tokens[0]->low] : null;
    }
}
