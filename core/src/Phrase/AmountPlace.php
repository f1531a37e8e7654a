<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What an amount is in its line, by what stands around it: an amount of its own, one said again, the water it is all for. */
final readonly class AmountPlace
{
    public function __construct(
        private Clause $open,
        private Much $much,
        /** What the words before it say of it. */
        private ?Token $waiting,
        private ?Token $joint,
        private ?Token $after,
        /** Where the parenthesis stands that it is in. */
        private ?Token $paren,
    ) {}

    /** “2 tsp (10 ml)”, “15 ml or 1 tbsp”, “1 tbsp/15 ml”. */
    public function isSaidAgain(): bool
    {
        $waiting = $this->waiting;

        return $this->open->much?->kind === MuchKind::Measured && $this->much->kind === MuchKind::Measured
            && (($this->paren !== null && $waiting?->kind !== TokenKind::Per) || $waiting?->kind === TokenKind::Or || ($waiting?->word === '/' && ! $this->much->isVessel()));
    }

    /** @return array{int, int} what to leave out of the line, with its signs, where this amount is not meant */
    public function span(): array
    {
        return [
            $this->paren->from ?? $this->waiting->from ?? $this->much->from,
            $this->paren !== null && $this->after?->kind === TokenKind::Close ? $this->after->to : $this->much->to,
        ];
    }

    /**
     * “1 cup to 1 gallon castile soap” may be from the one to the other, or so much a gallon; “1 tsp to 1 cup of soap” is so much a cup,
     * since nobody means from one to 48.
     */
    public function isRangeOrRate(): bool
    {
        [$open, $much] = [$this->open, $this->much];

        return $this->waiting?->kind === TokenKind::To && $open->much?->kind === MuchKind::Measured && $open->much->high === null && $much->isVessel()
            && ! self::sameUnit($open->much, $much) && ($open->much->isVessel() || $much->low < 1.0)
            && ($open->things === [] ? $this->after?->is(TokenKind::Ingredient, TokenKind::Stock) ?? false : $open->namesCameFirst() && ! $open->isWater());
    }

    /** “1 cup to 2 cups” */
    private static function sameUnit(Much $one, Much $other): bool
    {
        $units = static fn(Much $much): array => array_map(static fn(UnitMeaning $meaning): string => $meaning->words, $much->unit->meanings ?? []);

        return $units($one) === $units($other);
    }

    /** “3 ml - 5 ml”, “1 tsp to 1 tbsp”. */
    public function isRange(): bool
    {
        [$open, $much, $waiting] = [$this->open, $this->much, $this->waiting];
        $stroke = $waiting?->kind === TokenKind::To || $waiting?->word === '-';

        return $stroke && $open->much?->kind === MuchKind::Measured && $much->kind === MuchKind::Measured && $open->much->high === null
            && ($open->things === [] || $open->namesCameFirst())
            && ! ($waiting->kind === TokenKind::To && $much->isVessel() && ! $open->much->isVessel());
    }

    /** “a tablespoon or two” */
    public function isOrSo(): bool
    {
        $open = $this->open->much;

        return $this->waiting?->kind === TokenKind::Or && $this->much->kind === MuchKind::Counted && $open?->kind === MuchKind::Measured
            && $open->high === null && $this->open->things === [] && $this->much->low > $open->low;
    }

    /**
     * “per gallon”, “in 3 cups”; “to 50 ml oil” is another thing, and so is “in 50 parts”.
     *
     * @throws Unclear when it is per something that nobody can measure
     */
    public function isTail(): bool
    {
        $after = $this->after;
        if ($this->waiting?->kind === TokenKind::Per) {
            return $this->much->kind !== MuchKind::Parts
                && ($this->much->kind === MuchKind::Measured || throw Unclear::becauseOf(new Refusal(LineFinding::RatePerWhat, ['unit' => $after === null ? 'that' : $after->word])));
        }

        return $this->waiting?->kind === TokenKind::To && $this->much->kind === MuchKind::Measured && ! $this->open->isEmpty()
            && ! ($this->open->isWhole() && ($after?->is(TokenKind::Ingredient, TokenKind::Stock) ?? false));
    }

    /** “1 tbsp plus 1 tsp” of one thing. */
    public function isSum(): bool
    {
        return $this->open->things === [] && $this->joint !== null && $this->joint->word !== ',' && $this->joint->word !== ';';
    }

    /** “1 cup alcohol 91 %”, “alcohol from 91 %”; where a name follows, the percent is of that. */
    public function isStrength(): bool
    {
        return $this->much->kind === MuchKind::Percent && $this->open->strength === null && $this->open->much?->kind !== MuchKind::Percent
            && ! (($this->after?->isThing() ?? false) && $this->open->things !== []);
    }

    public function isStrengthFrom(): bool
    {
        return $this->waiting?->kind === TokenKind::From && $this->much->kind === MuchKind::Percent && $this->open->isWhole();
    }

    /** “91 % alcohol 2 cups”: what was read as the amount is the strength. */
    public function isAmountOf(): bool
    {
        return $this->open->much?->kind === MuchKind::Percent && $this->open->things !== [] && $this->open->strength === null
            && $this->much->is(MuchKind::Measured, MuchKind::ByEye) && ! ($this->after?->isThing() ?? false);
    }
}
