<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/** What the units of one line mean, and what has to be asked where they mean several things. */
final readonly class SpokenUnits
{
    public function __construct(private string $plain) {}

    /**
     * @param list<Much> $also the same amount in other units: what it agrees with decides what is meant
     *
     * @throws Unclear when it means several things
     */
    public function meaning(Much $much, bool $ofWater = false, array $also = []): UnitMeaning
    {
        $unit = $much->unit ?? throw new \LogicException(Say::it('phrase/spoken-units.amount-without-unit'));
        $meanings = $ofWater && $unit->ofWater !== [] ? $unit->ofWater : $unit->meanings;
        foreach ($also as $other) {
            $clear = count($meanings) > 1 && count($other->unit->meanings ?? []) === 1 ? $other->unit?->meanings[0] : null;
            $agreeing = $clear === null ? [] : array_values(array_filter($meanings, static fn(UnitMeaning $one): bool => $one->unit->dimension() === $clear->unit->dimension() && self::near($much->low * $one->inBase(), $other->low * $clear->inBase(), InputLines::SAME_SAID['value'])));
            $meanings = count($agreeing) === 1 ? $agreeing : $meanings;
        }
        if (count($meanings) !== 1) {
            throw Unclear::becauseOf(new Question(LineFinding::UnitUnclear, $unit->word, array_map(fn(UnitMeaning $one): array => [
                'words' => $one->words,
                'line' => substr_replace($this->plain, strtolower($one->words), $unit->from, $unit->to - $unit->from),
            ], $meanings)));
        }

        return $meanings[0];
    }

    /**
     * The low end of an amount in the unit of another; null where they are of two kinds.
     *
     * @throws Unclear when one of the units means several things
     */
    public function inUnitOf(Much $much, Much $other): ?float
    {
        if ($much->kind !== MuchKind::Measured || $other->kind !== MuchKind::Measured) {
            return null;
        }
        if ($much->unit?->word === $other->unit?->word) {
            return $much->high ?? $much->low;
        }
        [$from, $to] = [$this->meaning($much), $this->meaning($other)];

        return $from->unit->dimension() === $to->unit->dimension() ? ($much->high ?? $much->low) * $from->inBase() / $to->inBase() : null;
    }

    /**
     * Whether both say the same of this ingredient; by spoon and by weight they may differ by more.
     *
     * @throws Unclear when a unit means several things
     */
    public function agree(Much $much, Much $other, ?Ingredient $of): bool
    {
        [$a, $b] = [$this->meaning($much, $of === null, [$other]), $this->meaning($other, $of === null, [$much])];
        $same = $a->unit->dimension() === $b->unit->dimension();
        $in = static fn(float $value, UnitMeaning $unit): float => $of === null || $same ? $value * $unit->inBase() : $of->millilitres(Amount::of($value * $unit->factor, $unit->unit));
        if (! $same && ($of === null || in_array(Dimension::Count, [$a->unit->dimension(), $b->unit->dimension()], true))) {
            return false;
        }
        $within = $same ? InputLines::SAME_SAID['value'] : InputLines::SAME_KINDS_SAID['value'];

        return self::near($in($much->low, $a), $in($other->low, $b), $within) && self::near($in($much->high ?? $much->low, $a), $in($other->high ?? $other->low, $b), $within);
    }

    /**
     * Two amounts that are not the same: which one is meant.
     *
     * @param array{Much, int, int} $also the other, and what to leave out where it is not meant
     */
    public function twoAmounts(Much $much, array $also): Question
    {
        [$other, $from, $to] = $also;
        [$first, $second] = [$this->written($much->from, $much->to), $this->written($other->from, $other->to)];
        $without = trim((string) preg_replace('/\s+/', ' ', substr_replace($this->plain, ' ', $from, $to - $from)));

        return new Question(LineFinding::TwoAmounts, Say::it('phrase/spoken-units.and', ['first' => $first, 'second' => $second]), [
            ['words' => $first, 'line' => $without],
            ['words' => $second, 'line' => substr_replace($without, $second, $much->from, $much->to - $much->from)],
        ]);
    }

    /**
     * From one amount to the other, or so much of it in so much water.
     *
     * @param bool $named whether the line names before them what they are of
     */
    public function rangeOrRate(Much $much, Much $other, bool $named): Question
    {
        [$first, $second] = [$this->written($much->from, $much->to), $this->written($other->from, $other->to)];
        $instead = fn(string $words): string => substr_replace($this->plain, $words, $much->from, $other->to - $much->from);

        return new Question(LineFinding::RangeOrRate, $this->written($much->from, $other->to), [
            ['words' => Say::it('phrase/spoken-units.in-of-water', ['first' => $first, 'second' => $second]), 'line' => $named ? $instead(Say::it('phrase/spoken-units.per', ['first' => $first, 'second' => $second])) : Say::it('phrase/spoken-units.per.per', ['value' => $instead($first), 'second' => $second])],
            ['words' => "from {$first} to {$second}", 'line' => $instead("{$first} - {$second}")],
        ]);
    }

    /** @throws Unclear when a clause says two amounts that are not the same */
    public function mustAgree(Clause $clause, ?Ingredient $of): void
    {
        foreach ($clause->also as $also) {
            if ($clause->much !== null && ! $this->agree($clause->much, $also[0], $of)) {
                throw Unclear::becauseOf($this->twoAmounts($clause->much, $also));
            }
        }
    }

    /** One of two things, and nobody said which. */
    public function either(Token $first, Token $second): Question
    {
        $only = fn(Token $one): string => substr_replace($this->plain, $this->written($one->from, $one->to), $first->from, $second->to - $first->from);

        return new Question(LineFinding::WhichOfTwo, $this->written($first->from, $second->to), [
            ['words' => $this->written($first->from, $first->to), 'line' => $only($first)],
            ['words' => $this->written($second->from, $second->to), 'line' => $only($second)],
        ]);
    }

    /** A stock that several have something of in their names. */
    public function whichStock(Token $stock): Question
    {
        return new Question(LineFinding::WhichStock, $stock->word, array_map(fn($one): array => [
            'words' => $one->name,
            'line' => substr_replace($this->plain, $one->name, $stock->from, $stock->to - $stock->from),
        ], $stock->stocks));
    }

    /** Pieces are no unit that anybody writes. */
    public static function pieces(string $words): UnitMeaning
    {
        return new UnitMeaning(1.0, Unit::One, $words);
    }

    private function written(int $from, int $to): string
    {
        return substr($this->plain, $from, $to - $from);
    }

    private static function near(float $a, float $b, float $within): bool
    {
        return abs($a - $b) <= $within * max($a, $b);
    }
}
