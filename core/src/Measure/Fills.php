<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\InputLines;

/** Everything that a household measures with, as a list of fills that a plan request has room for. */
final class Fills
{
    /** Measures that a plan request takes. */
    public const MOST = InputLines::MOST_MEASURES['value'];

    /**
     * Spoons and cups all of them; marks thinned evenly, the last one of each kept.
     *
     * @param list<list<Measure>> $fills of each thing to measure with: one, or a mark each
     *
     * @return list<Measure> at most 60
     */
    public static function thinned(array $fills): array
    {
        $level = array_merge(...array_values(array_filter($fills, static fn(array $one): bool => count($one) === 1)));
        $marked = array_values(array_filter($fills, static fn(array $one): bool => count($one) > 1));
        $room = self::MOST - min(self::MOST, count($level));
        $each = $marked === [] ? 0 : intdiv($room, count($marked));
        $all = array_slice($level, 0, self::MOST);
        foreach ($marked as $marks) {
            array_push($all, ...self::evenly($marks, $each));
        }

        return $all;
    }

    /**
     * @param list<Measure> $marks smallest first
     *
     * @return list<Measure>
     */
    private static function evenly(array $marks, int $most): array
    {
        $count = count($marks);
        if ($count <= $most) {
            return $marks;
        }
        $kept = [];
        for ($n = 1; $n <= $most; ++$n) {
            $kept[] = $marks[(int) round($n * $count / $most) - 1];
        }

        return $kept;
    }
}
