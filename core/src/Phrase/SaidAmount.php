<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\SaidWords;

/** An amount by itself, as somebody types it into a field: “1 gal”, “2 cups and a half”, “half a bottle” where it is known what that holds. */
final readonly class SaidAmount
{
    private function __construct(public ?Amount $amount, public ?Question $question, public ?Refusal $refusal) {}

    /**
     * @param float|null $whole mL of the bottle or sprayer that is spoken of; null where none is known
     * @param Unit|null  $unit  what a bare number is meant in; null where it means nothing
     */
    public static function read(string $said, ?Kitchen $kitchen, ?float $whole = null, Dimension $dimension = Dimension::Volume, ?Unit $unit = null): self
    {
        try {
            $plain = PlainText::of($said);
            $words = SaidWords::shipped();
            if ($whole !== null && $words->has('all-of-it', $plain)) {
                return new self(Amount::of($whole / ($unit ?? Unit::Millilitre)->factor(), $unit ?? Unit::Millilitre), null, null);
            }
            $plain = $words->without('of-it', $plain);
            $tokens = Asides::without(Tokenizer::tokens($plain, Vocabulary::shipped(), $kitchen, new StockShelf()));
            $kept = array_values(array_filter($tokens, static fn(Token $token): bool => ! $token->weighsNothing() && ! $token->is(TokenKind::Apart, TokenKind::Water, TokenKind::Per, TokenKind::MadeUpTo)));

            $bare = $unit !== null && count($kept) === 1 && $kept[0]->kind === TokenKind::Number && $kept[0]->high === null && ($whole === null || $kept[0]->low >= 1.0);

            return new self($bare ? Amount::of($kept[0]->low, $unit) : self::amount($kept, $plain, $whole, $dimension, $unit), null, null);
        } catch (Unclear $unclear) {
            return $unclear->what instanceof Question ? new self(null, $unclear->what, null) : new self(null, null, $unclear->what);
        }
    }

    /**
     * @param list<Token> $tokens
     *
     * @throws Unclear
     */
    private static function amount(array $tokens, string $plain, ?float $whole, Dimension $dimension, ?Unit $unit): Amount
    {
        $strange = array_filter($tokens, static fn(Token $token): bool => ! $token->is(TokenKind::Number, TokenKind::Unit, TokenKind::Open, TokenKind::Close, TokenKind::Or, TokenKind::Joint, TokenKind::Vessel));
        if ($strange !== [] || $tokens === [] || ! ($tokens[0]->beginsAmount() || $tokens[0]->kind === TokenKind::Vessel)) {
            throw Unclear::becauseOf(new Refusal($whole === null ? LineFinding::AmountAlone : LineFinding::AmountOfWhole));
        }
        $share = self::shareOf($tokens, $whole, $unit?->dimension() === Dimension::Volume ? $unit : Unit::Millilitre);
        if ($share !== null) {
            return $share;
        }
        $units = new SpokenUnits($plain);
        $clauses = LineParser::clauses($tokens, $units);
        $much = count($clauses) === 1 && $clauses[0]->things === [] ? $clauses[0]->much : null;
        if ($much === null || $much->kind !== MuchKind::Measured || $much->high !== null || $much->size !== null) {
            throw Unclear::becauseOf(new Refusal($whole === null ? LineFinding::AmountAlone : LineFinding::AmountOfWhole));
        }
        $meaning = $units->meaning($much, true, array_column($clauses[0]->also, 0));
        $units->mustAgree($clauses[0], null);
        if ($meaning->unit->dimension() !== $dimension) {
            throw Unclear::becauseOf(new Refusal($dimension === Dimension::Volume ? LineFinding::WaterWeighed : LineFinding::AmountWeight, ['unit' => $meaning->words]));
        }

        return Amount::of($much->low * $meaning->factor, $meaning->unit);
    }

    /**
     * “half a bottle”, “a third”, “full”, in the unit of the field.
     *
     * @param non-empty-list<Token> $tokens
     */
    private static function shareOf(array $tokens, ?float $whole, Unit $unit): ?Amount
    {
        $number = $tokens[0]->kind === TokenKind::Number ? $tokens[0] : null;
        $vessel = $tokens[$number === null ? 0 : 1] ?? null;
        if (count($tokens) > 2 || ($vessel !== null && $vessel->kind !== TokenKind::Vessel) || ($vessel === null && ($number === null || $number->low >= 1.0))) {
            return null;
        }
        if ($whole === null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::AmountWhichBottle));
        }
        if ($number?->high !== null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::AmountOfWhole));
        }

        return Amount::of(($number->low ?? 1.0) * $whole / $unit->factor(), $unit);
    }
}
