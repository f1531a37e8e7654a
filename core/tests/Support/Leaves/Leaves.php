<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** The made leaves that the photograph measure is held against. */
final class Leaves
{
    private const INJURIES = ['brown', 'rim', 'straw', 'bleached', 'yellow', 'wet', 'holes', 'mixed', 'brown'];

    private const LIGHTS = ['even', 'even', 'slanted', 'hard-shadow', 'soft-shadow', 'glare', 'cast', 'even', 'slanted'];

    private const PAPERS = ['white', 'white', 'cream', 'lined', 'kraft', 'white', 'blue', 'white', 'lined', 'white'];

    /** @return list<Made> */
    public static function all(int $count, int $from = 1): array
    {
        return array_map(self::one(...), range($from, $from + $count - 1));
    }

    public static function one(int $n): Made
    {
        $chance = new Randomizer(new Mt19937(1000 + $n));
        $pick = static function (array $list) use ($chance): string {
            $one = $list[$chance->getInt(0, count($list) - 1)] ?? null;
            assert(is_string($one));

            return $one;
        };
        $some = static fn(int $percent): bool => $chance->getInt(1, 100) <= $percent;
        $dice = $chance->getInt(1, 100);
        $share = match (true) {
            $dice <= 15 => 0.0,
            $dice <= 27 => $chance->getInt(50, 70) / 100.0,
            $dice <= 55 => $chance->getInt(20, 50) / 100.0,
            default => $chance->getInt(5, 200) / 1000.0,
        };
        $injury = $share === 0.0 ? 'none' : $pick(self::INJURIES);
        // No rim and no set of holes takes half a leaf.
        $share = match ($injury) {
            'rim' => min($share, 0.15),
            'holes' => min($share, 0.25),
            default => $share,
        };
        $colour = $pick(Painter::COLOURS);

        return new Made(
            $n,
            $pick(Outline::SHAPES),
            $colour,
            $injury,
            $share,
            array_values(array_filter(['curled', 'petiole', 'label', 'ruler'], static fn(string $what): bool => $some($what === 'petiole' ? 50 : 20))),
            $pick(self::LIGHTS),
            $pick(self::PAPERS),
            array_values(array_filter(['blur', 'noise', 'turned', 'cropped'], static fn(): bool => $some(22))),
            $chance->getInt(60, 95),
        );
    }
}
