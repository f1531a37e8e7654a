<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

/**
 * What is left in each bottle: what was said last, less all that was poured since. It is reckoned anew from what is written down, so that a
 * batch that is corrected or taken back gives its share back by itself.
 */
final class Stock
{
    /**
     * @param list<ToldBottle> $told    the one that is used up first stands first
     * @param list<Poured>     $poured  in any order
     *
     * @return list<Bottle> the same bottles with what is left now, 0 or more; null where nobody said
     */
    public static function now(array $told, array $poured): array
    {
        $left = array_map(static fn(ToldBottle $one): ?float => $one->bottle->left, $told);
        usort($poured, static fn(Poured $a, Poured $b): int => $a->at <=> $b->at);
        foreach ($poured as $pour) {
            $much = $pour->millilitres;
            foreach (self::inTurn($told, $pour) as $i) {
                // From a bottle of another strength as much of the pure substance.
                $each = $pour->strength === null ? 1.0 : $pour->strength / ($told[$i]->bottle->percent() ?? $pour->strength);
                $taken = min($left[$i] ?? 0.0, $much * $each);
                $left[$i] = ($left[$i] ?? 0.0) - $taken;
                $much -= $taken / $each;
            }
        }

        return array_map(static fn(ToldBottle $one, ?float $now): Bottle => new Bottle($one->bottle->holds, $now, $one->bottle->strength, $one->bottle->each), $told, $left);
    }

    /**
     * @param list<ToldBottle> $told
     *
     * @return list<int> keys of the bottles that it may have come from, those of its strength first
     */
    private static function inTurn(array $told, Poured $pour): array
    {
        $of = array_filter($told, static fn(ToldBottle $one): bool => $one->bottle->holds->slug === $pour->slug && $one->bottle->left !== null && $one->at <= $pour->at);
        $same = array_filter($of, static fn(ToldBottle $one): bool => $one->bottle->percent() === $pour->strength);

        return [...array_keys($same), ...array_keys(array_diff_key($of, $same))];
    }
}
