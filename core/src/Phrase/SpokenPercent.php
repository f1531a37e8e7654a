<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Words\Say;

/** What a percent is of: the finished spray, or the bottle. */
final class SpokenPercent
{
    private const PURE = 100.0;

    /**
     * Of alcohol and peroxide a bare percent may be the bottle's or the spray's.
     *
     * @param list<Remark> $remarks
     */
    public static function of(Clause $clause, Much $much, Ingredient|Recipe $of, array $remarks, string $plain): SpokenLine
    {
        if (! $of instanceof Ingredient) {
            throw Unclear::becauseOf(new Refusal(LineFinding::StockPercent));
        }
        if (($much->high ?? $much->low) >= 100.0) {
            throw Unclear::becauseOf(new Refusal(LineFinding::PercentTooMuch));
        }
        if ($much->by !== null && ($much->by->kind === TokenKind::ByVolume) !== $of->substance->isLiquid()) {
            throw Unclear::becauseOf(new Refusal(LineFinding::PercentKind, ['said' => $much->by->kind === TokenKind::ByVolume ? 'volume' : 'weight', 'name' => $of->name]));
        }
        if ($of->substance->hasStrength() && $clause->strength === null) {
            $usual = $of->defaultStrength->value ?? 100.0;
            throw Unclear::becauseOf(new Question(LineFinding::WhosePercent, $of->name, [
                ['words' => Say::it('phrase/spoken-percent.finished-spray-from-bottle-of', ['usual' => $usual]), 'line' => "{$plain} from {$usual}%"],
                ['words' => Say::it('phrase/spoken-percent.bottle-cup-of-and-i'), 'line' => Say::it('phrase/spoken-percent.1-cup', ['plain' => $plain])],
            ]));
        }
        $strength = $clause->strength === null ? null : self::bottle($clause->strength, $of);
        if ($strength !== null && ($much->high ?? $much->low) > $strength) {
            throw Unclear::becauseOf(new Refusal(LineFinding::StrongerThanBottle, ['bottle' => (string) $strength]));
        }

        return new SpokenLine($of, SpokenKind::Percent, $much->low, $much->high, null, strength: $strength, remarks: $remarks);
    }

    /**
     * Percent v/v on the bottle; null where “100 %” only says that nothing else is in it.
     *
     * @throws Unclear when the bottle states none, or not one
     */
    public static function bottle(Much $percent, Ingredient|Recipe $of): ?float
    {
        if ($of instanceof Ingredient && ! $of->substance->hasStrength() && $percent->kind === MuchKind::Percent && $percent->high === null && $percent->low === self::PURE) {
            return null;
        }
        if (! $of instanceof Ingredient || ! $of->substance->hasStrength()) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoBottleStrength, ['name' => $of->name]));
        }
        if ($percent->kind !== MuchKind::Percent || $percent->high !== null || $percent->low > 100.0) {
            throw Unclear::becauseOf(new Refusal(LineFinding::BottleStrength));
        }

        return $percent->low;
    }
}
