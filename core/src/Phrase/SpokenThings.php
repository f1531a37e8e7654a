<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Words\Say;

/** Makes of the clauses of one line what a recipe can be reckoned from. */
final readonly class SpokenThings
{
    /** @param array<string, float> $measured mL of the household's own amounts by eye, by code */
    public function __construct(private Vocabulary $vocabulary, private IngredientCatalogue $ingredients, private array $measured) {}

    /**
     * @param non-empty-list<Clause> $clauses
     * @param list<Token>            $misspelt
     *
     * @throws Unclear when something is missing, or cannot be said of the thing
     */
    public function of(array $clauses, SpokenUnits $units, string $plain, array $misspelt): Heard
    {
        $lines = [];
        $basis = null;
        $spelled = array_map(static fn(Token $token): Remark => new Remark(LineFinding::AssumedSpelling, ['word' => $token->word, 'near' => (string) $token->readAs]), $misspelt);
        $this->partHalves($clauses);
        foreach ($clauses as $clause) {
            $water = SpokenWater::of($clause, $units);
            if ($water !== null && $basis !== null) {
                throw Unclear::becauseOf(new Refusal(LineFinding::TwoWaters));
            }
            $basis ??= $water;
            foreach ($water === null ? $this->lines($clause, $units, $plain) : [] as $line) {
                $lines[] = $line->with($spelled);
                $spelled = [];
            }
        }
        if ($basis !== null && $basis->unit === null && $lines !== []) {
            // “1 part alcohol, 4 parts water”: all is said on the line.
            return Heard::things(array_map(static fn(SpokenLine $line): SpokenLine => $line->kind === SpokenKind::Parts && $line->waterParts === null ? $line->inPartsTo($basis->amount) : $line, $lines));
        }

        return Heard::things($lines, $basis);
    }

    /**
     * “half alcohol, half water” are parts.
     *
     * @param list<Clause> $clauses
     */
    private function partHalves(array $clauses): void
    {
        $halves = array_filter($clauses, static fn(Clause $one): bool => $one->much?->kind === MuchKind::Counted && 2.0 * $one->much->low === 1.0 && $one->isWhole());
        if (count($clauses) !== 2 || count($halves) !== 2 || array_filter($clauses, static fn(Clause $one): bool => $one->isWater()) === []) {
            return;
        }
        foreach ($clauses as $clause) {
            $clause->much = $clause->much === null ? null : Much::of(MuchKind::Parts, 1.0, null, $clause->much->from, $clause->much->to);
        }
    }

    /**
     * @return list<SpokenLine>
     *
     * @throws Unclear
     */
    private function lines(Clause $clause, SpokenUnits $units, string $plain): array
    {
        $things = array_values(array_filter($clause->things, static fn(Token $thing): bool => $thing->kind !== TokenKind::Water));
        if ($things === []) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoIngredient));
        }
        if ($clause->much === null && $this->isPiece($things[0])) {
            $clause->much = Much::of(MuchKind::Counted, 1.0, null, $things[0]->from, $things[0]->from);
        }
        if ($clause->much === null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoNumber));
        }
        $withWater = count($things) < count($clause->things);
        if ($clause->much->kind === MuchKind::Ratio) {
            return $this->ratio($clause, $clause->much, $things, $withWater, $units);
        }
        if ($withWater || count($things) > 1) {
            throw Unclear::becauseOf(new Refusal(LineFinding::TwoThings));
        }

        return array_map(fn(Token $thing): SpokenLine => $this->line($clause, $clause->much, $thing, $units, $plain), $things);
    }

    /**
     * “1:1 alcohol”, “equal parts soap and oil”, “water and alcohol 4:1”.
     *
     * @param non-empty-list<Token> $things
     *
     * @return list<SpokenLine>
     */
    private function ratio(Clause $clause, Much $much, array $things, bool $withWater, SpokenUnits $units): array
    {
        $waterFirst = $withWater && $clause->things[0]->kind === TokenKind::Water;
        [$first, $second] = $waterFirst ? [$much->high ?? 1.0, $much->low] : [$much->low, $much->high ?? 1.0];
        if (count($things) > 2 || (count($things) === 2 && $withWater)) {
            throw Unclear::becauseOf(new Refusal(LineFinding::Shape));
        }
        $one = fn(Token $thing, float $parts, ?float $water): SpokenLine => $this->shared($clause, $this->thing($thing, $units), new SpokenLine($this->thing($thing, $units), SpokenKind::Parts, $parts, null, null, waterParts: $water, strength: $this->bottle($clause, $thing, $units), remarks: self::loose($thing)), $units);

        return count($things) === 2 ? [$one($things[0], $first, null), $one($things[1], $second, null)] : [$one($things[0], $first, $second)];
    }

    private function line(Clause $clause, Much $much, Token $thing, SpokenUnits $units, string $plain): SpokenLine
    {
        $of = $this->thing($thing, $units);
        $remarks = self::loose($thing);
        $line = match ($much->kind) {
            MuchKind::Measured => $this->measured($clause, $much, $of, $units, $remarks, $this->bottle($clause, $thing, $units)),
            MuchKind::ByEye => $this->eye($much, $of, $remarks, $this->bottle($clause, $thing, $units)),
            MuchKind::Counted => self::counted($much, $of),
            MuchKind::Percent => SpokenPercent::of($clause, $much, $of, $remarks, $plain),
            MuchKind::Parts => new SpokenLine($of, SpokenKind::Parts, self::single($much), null, null, strength: $this->bottle($clause, $thing, $units), remarks: $remarks),
            MuchKind::Ratio => throw new \LogicException(Say::it('phrase/spoken-things.ratio')),
        };

        return $this->shared($clause, $of, $line, $units);
    }

    /** What it is to so much water. */
    private function shared(Clause $clause, Ingredient|Recipe $of, SpokenLine $line, SpokenUnits $units): SpokenLine
    {
        if ($clause->tail === null) {
            return $line;
        }
        $per = $clause->tail->much;
        if ($line->kind !== SpokenKind::Amount) {
            throw Unclear::becauseOf(new Refusal(LineFinding::Shape));
        }
        $meaning = $units->meaning($per, true);
        if ($meaning->unit->dimension() !== Dimension::Volume || $per->high !== null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::RatePerWhat, ['unit' => $meaning->words]));
        }

        return $line->per(SpokenBasis::volume($per->low, $meaning, $clause->tail->finished ? BasisOf::Finished : BasisOf::Water));
    }

    /** @param list<Remark> $remarks */
    private function measured(Clause $clause, Much $much, Ingredient|Recipe $of, SpokenUnits $units, array $remarks, ?float $strength): SpokenLine
    {
        $meaning = $units->meaning($much, false, array_column($clause->also, 0));
        $units->mustAgree($clause, $of instanceof Ingredient ? $of : null);
        [$low, $high] = [$much->low, $much->high];
        if ($much->size !== null) {
            if ($meaning->unit === Unit::Drop || $meaning->unit->dimension() !== Dimension::Volume || $meaning->inBase() === 1.0 || $meaning->inBase() >= 1000.0) {
                throw Unclear::becauseOf(new Refusal(LineFinding::SizeOfWhat, ['word' => $much->size->word, 'unit' => $meaning->words]));
            }
            $liquid = ! $of instanceof Ingredient || $of->substance->isLiquid();
            [$low, $high, $remark] = $this->sized($much, $much->size, $liquid ? 'liquid' : 'spoon');
            $remarks[] = $remark;
        }

        return new SpokenLine($of, SpokenKind::Amount, $low, $high, $meaning, strength: $strength, remarks: $remarks);
    }

    /**
     * @param 'spoon'|'liquid'|'eye' $as
     *
     * @return array{float, float, Remark}
     */
    private function sized(Much $much, Token $size, string $as): array
    {
        [$from, $to] = $this->vocabulary->sized($size->code, $as);

        return [$much->low * $from, ($much->high ?? $much->low) * $to, new Remark(LineFinding::AssumedSize, ['word' => $size->word, 'low' => (string) round($from, 2), 'high' => (string) round($to, 2)])];
    }

    /** @param list<Remark> $remarks */
    private function eye(Much $much, Ingredient|Recipe $of, array $remarks, ?float $strength): SpokenLine
    {
        $code = $much->unit->code ?? '';
        $range = $this->vocabulary->byEyeRange($code);
        $own = $this->measured[$code] ?? null;
        [$from, $to] = $much->size === null ? [1.0, 1.0] : $this->vocabulary->sized($much->size->code, 'eye');
        $low = $much->low * $from * ($own ?? $range['low']);
        $high = ($much->high ?? $much->low) * $to * ($own ?? $range['high']);

        return new SpokenLine($of, SpokenKind::Amount, $low, $high > $low ? $high : null, new UnitMeaning(1.0, Unit::Millilitre, 'mL'), strength: $strength, byEye: $code, remarks: $remarks);
    }

    private static function counted(Much $much, Ingredient|Recipe $of): SpokenLine
    {
        if (! $of instanceof Ingredient || $of->pieceVolume === null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoUnit, ['name' => $of->name]));
        }

        return new SpokenLine($of, SpokenKind::Amount, $much->low, $much->high, SpokenUnits::pieces($of->slug));
    }

    private function bottle(Clause $clause, Token $thing, SpokenUnits $units): ?float
    {
        return $clause->strength === null ? null : SpokenPercent::bottle($clause->strength, $this->thing($thing, $units));
    }

    private static function single(Much $much): float
    {
        return $much->high === null ? $much->low : throw Unclear::becauseOf(new Refusal(LineFinding::RangeInParts));
    }

    private function thing(Token $thing, SpokenUnits $units): Ingredient|Recipe
    {
        if ($thing->kind === TokenKind::Stock) {
            return count($thing->stocks) === 1 ? $thing->stocks[0] : throw Unclear::becauseOf($units->whichStock($thing));
        }

        return $this->ingredients->get($thing->code);
    }

    /** “egg”: one of them. */
    private function isPiece(Token $thing): bool
    {
        return $thing->kind === TokenKind::Ingredient && $this->ingredients->get($thing->code)->pieceVolume !== null;
    }

    /** @return list<Remark> */
    private static function loose(Token $thing): array
    {
        return $thing->assumed === null ? [] : [new Remark(LineFinding::from("assumed-{$thing->assumed}"))];
    }
}
