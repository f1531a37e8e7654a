<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

/** What the rounds ahead will take, and what of it runs out when. */
final class ShoppingList
{
    /** mL; nobody goes shopping for less. */
    private const NOTHING = 1e-6;

    /**
     * @param list<Wanted> $wanted in any order
     *
     * @return list<ToBuy> what runs out first stands first, what nobody measured last
     */
    public static function of(array $wanted, Cupboard $cupboard): array
    {
        usort($wanted, static fn(Wanted $a, Wanted $b): int => $a->on <=> $b->on);
        $takes = $from = [];
        foreach ($wanted as $one) {
            $left = self::left($one->slug, $cupboard);
            $takes[$one->slug] = ($takes[$one->slug] ?? 0.0) + $one->millilitres;
            if ($left !== null && $takes[$one->slug] > $left + self::NOTHING) {
                $from[$one->slug] ??= $one->on;
            }
        }
        $list = [];
        foreach ($takes as $slug => $much) {
            $left = self::left($slug, $cupboard);
            if ($left === null || isset($from[$slug])) {
                $list[] = new ToBuy($slug, $much, $left === null ? null : $much - $left, $from[$slug] ?? null);
            }
        }
        usort($list, static fn(ToBuy $a, ToBuy $b): int => [$a->from === null, $a->from, $a->slug] <=> [$b->from === null, $b->from, $b->slug]);

        return $list;
    }

    /** 0 where there is none of it; null where nobody said how much is there. */
    private static function left(string $slug, Cupboard $cupboard): ?float
    {
        return $cupboard->has($slug) ? $cupboard->left($slug, $cupboard->strength($slug, null)) : 0.0;
    }
}
