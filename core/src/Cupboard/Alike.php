<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

/** Bottles that do the same work in a spray, soap beside soap and oil beside oil, by what they cost as bought. */
final class Alike
{
    /** mL that prices are told for. */
    public const PER = 100.0;

    /** @return list<list<Bottle>> two or more of a kind, cheapest first; one bottle of each ingredient, the one that is used up first */
    public static function of(Cupboard $cupboard): array
    {
        $kinds = ['oil' => [], 'soap' => []];
        foreach ($cupboard->bottles as $one) {
            $is = $one->holds->substance;
            $kind = $is->isEmulsifier() ? 'soap' : ($is->isOily() ? 'oil' : null);
            if ($kind !== null && $one->each !== null) {
                $kinds[$kind][$one->holds->slug] ??= $one;
            }
        }
        $all = [];
        foreach ($kinds as $bottles) {
            usort($bottles, static fn(Bottle $a, Bottle $b): int => $a->each <=> $b->each);
            if (count($bottles) > 1) {
                $all[] = $bottles;
            }
        }

        return $all;
    }
}
