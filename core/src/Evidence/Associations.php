<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** Looks what went with success or failure, where there are rounds enough on both sides. */
final class Associations
{
    /**
     * The interval of the difference is that of Newcombe (1998), Statistics in Medicine 17:873-890, method 10, made of score
     * intervals with the rounds of a case taken together.
     *
     * @param list<array{RoundEffect, array<string, bool>}> $rounds with their facts, by value of Fact; what is not known is left out
     *
     * @return list<Association> the clearest first
     */
    public static function in(array $rounds): array
    {
        $all = [];
        foreach (Fact::cases() as $fact) {
            $one = self::side($rounds, $fact, true);
            $other = self::side($rounds, $fact, false);
            if (min(self::rounds($one), self::rounds($other)) >= EvidenceLines::ASSOCIATED_FROM['value']) {
                $all[] = self::between($fact, $one, $other);
            }
        }
        usort($all, static fn(Association $a, Association $b): int => [$b->stands(), abs($b->difference)] <=> [$a->stands(), abs($a->difference)]);

        return $all;
    }

    /**
     * @param list<array{RoundEffect, array<string, bool>}> $rounds
     *
     * @return list<array{int, int}> worked and judged, by case
     */
    private static function side(array $rounds, Fact $fact, bool $holds): array
    {
        $cases = [];
        foreach ($rounds as [$effect, $facts]) {
            if ($effect->isJudged() && ($facts[$fact->value] ?? null) === $holds) {
                [$worked, $all] = $cases["case {$effect->case}"] ?? [0, 0];
                $cases["case {$effect->case}"] = [$worked + (int) ($effect->outcome === Outcome::Worked), $all + 1];
            }
        }

        return array_values($cases);
    }

    /**
     * @param list<array{int, int}> $one
     * @param list<array{int, int}> $other
     */
    private static function between(Fact $fact, array $one, array $other): Association
    {
        [$worked, $of] = [array_sum(array_column($one, 0)), self::rounds($one)];
        [$otherWorked, $otherOf] = [array_sum(array_column($other, 0)), self::rounds($other)];
        $mine = Interval::clustered($one);
        $theirs = Interval::clustered($other);
        [$p, $q] = [$worked / $of, $otherWorked / $otherOf];

        return new Association($fact, $worked, $of, $otherWorked, $otherOf, $p - $q, $p - $q - hypot($p - $mine->low, $theirs->high - $q), $p - $q + hypot($mine->high - $p, $q - $theirs->low));
    }

    /** @param list<array{int, int}> $cases */
    private static function rounds(array $cases): int
    {
        return array_sum(array_column($cases, 1));
    }
}
