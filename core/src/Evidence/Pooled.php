<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * What a spray does, over its cases. Rounds of one case are no independent witnesses: they are taken together first, and the
 * interval is that of a mean of cases (Student 1908), on the logarithm of what is left. With one case alone, how much cases
 * differ is taken from our own line.
 */
final class Pooled
{
    /** @param list<RoundEffect> $effects */
    public static function of(array $effects, Clumping $clumping): ?Estimate
    {
        $cases = self::byCase($effects);
        $rounds = array_sum(array_map(count(...), $cases));
        if ($cases === []) {
            return null;
        }
        $means = self::means($effects);
        $count = count($means);
        $middle = array_sum($means) / $count;
        if ($count === 1) {
            $variance = array_sum(array_map(static fn(Kept $kept): float => $kept->variance($clumping), $cases[array_key_first($cases)])) / $rounds ** 2;
            $half = Interval::Z * sqrt(EvidenceLines::BETWEEN_CASES['value'] ** 2 + $variance);
        } else {
            $square = array_sum(array_map(static fn(float $mean): float => ($mean - $middle) ** 2, $means));
            $half = Student::nineteenOfTwenty($count - 1) * sqrt($square / ($count - 1) / $count);
        }

        return new Estimate(Kept::percent($middle), Kept::percent($middle + $half), Kept::percent($middle - $half), $count, $rounds);
    }

    /**
     * @param list<RoundEffect> $effects
     *
     * @return list<float> natural logarithms of the shares left, one a case
     */
    public static function means(array $effects): array
    {
        return array_values(array_map(
            static fn(array $all): float => array_sum(array_map(static fn(Kept $kept): float => $kept->log, $all)) / count($all),
            self::byCase($effects),
        ));
    }

    /**
     * @param list<RoundEffect> $effects
     *
     * @return array<string, non-empty-list<Kept>> of what is judged
     */
    private static function byCase(array $effects): array
    {
        $cases = [];
        foreach ($effects as $effect) {
            if ($effect->isJudged() && $effect->kept !== null) {
                $cases["case {$effect->case}"][] = $effect->kept;
            }
        }

        return $cases;
    }
}
