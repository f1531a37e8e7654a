<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Mix\SprayFamily;

/** How often intervals hold the truth, and verdicts are right, in gardens where it is known. */
final class Measured
{
    /** How many fold the heaviest infestation that is sprayed is the lightest. */
    private const HEAVY = 20.0;

    /** Looks of a season before: before and after a dozen rounds. */
    private const SEASON = 24;

    /** Percent down, how much cases differ, and how clumped the pest sits. */
    private const TRUTHS = [[92.0, 0.3, 1.0], [85.0, 0.6, 2.0], [80.0, 0.5, 1.0], [60.0, 0.7, 1.0]];

    /** @return array{effect: float, share: float} percent of intervals that hold the truth, two to twelve rounds in so many cases */
    public static function coverage(int $cases, int $gardens): array
    {
        $effect = new Held();
        $share = new Held();
        foreach (self::TRUTHS as $t => [$down, $between, $k]) {
            $spray = new TrueSpray($down, $between);
            $chance = new Chance(100 * $cases + $t);
            $plot = new Plot($chance, k: $k);
            for ($garden = 0; $garden < $gardens; ++$garden) {
                $record = self::record(self::season($plot, $chance, $spray, $cases), $plot);
                $effect->note($down, $record->estimate()?->low, $record->estimate()?->high);
                $share->note($spray->works(), $record->interval()?->low, $record->interval()?->high);
            }
        }

        return ['effect' => $effect->percent(), 'share' => $share->percent()];
    }

    /**
     * In a garden that has counted for a season, on a pest that is worth spraying: a few or a hundred on a leaf.
     *
     * @return array{round: float, share: float} percent of intervals that hold the truth: of what single rounds left, and of the share that works
     */
    public static function clumped(float $k, int $leaves, int $gardens): array
    {
        $round = new Held();
        $share = new Held();
        foreach (self::TRUTHS as $t => [$down, $between]) {
            $spray = new TrueSpray($down, $between);
            $chance = new Chance((int) (10_000 * $k) + 10 * $leaves + $t);
            for ($garden = 0; $garden < $gardens; ++$garden) {
                $plot = new Plot($chance, k: $k, leaves: $leaves, perLeaf: 5.0, upTo: self::HEAVY, seen: self::SEASON);
                $record = self::record(self::season($plot, $chance, $spray, $chance->whole(1, 8)), $plot);
                $share->note($spray->works(), $record->interval()?->low, $record->interval()?->high);
                [$trial, $truth] = $plot->oneRound($spray);
                $left = $trial->outcome()->isJudged() ? $trial->interval($plot->clumping()) : null;
                $round->note($truth, $left?->low, $left?->high);
            }
        }

        return ['round' => $round->percent(), 'share' => $share->percent()];
    }

    /** @return array<string, float> percent of so many gardens */
    public static function gardens(int $gardens): array
    {
        $book = RecordBook::shipped();
        $found = array_fill_keys(['better first', 'good, kept', 'two rounds: not enough', 'useless, kept', 'useless, never compared, a week later, kept', 'useless on a steady pest, dropped', 'clean before burning'], 0);
        for ($garden = 0; $garden < $gardens; ++$garden) {
            $chance = new Chance(5_000 + $garden);
            $steady = new Plot($chance, wander: 0.2);
            $fading = new Plot($chance, byItself: log(0.15), wander: 0.4);
            $two = $book->ranked('aphids', ['good' => self::cases($steady, new TrueSpray(92.0), 4, 2), 'poor' => self::cases($steady, new TrueSpray(75.0), 4, 2)], ['good' => SprayFamily::Oil, 'poor' => SprayFamily::Soap], Clumping::usual());
            $found['better first'] += (int) (array_key_first($two) === 'good');
            $found['good, kept'] += (int) ($two['good']->verdict() === RecordVerdict::Keep);
            $found['two rounds: not enough'] += self::is($book, self::cases($steady, new TrueSpray(90.0), 2, 1), RecordVerdict::NotEnough);
            $found['useless, kept'] += self::is($book, self::cases($fading, new TrueSpray(0.0, 0.2), 6, 1), RecordVerdict::Keep);
            $slow = new Plot($chance, byItself: log(0.15), wander: 0.4, fair: 168.0);
            $alone = [];
            for ($case = 0; $case < 6; ++$case) {
                array_push($alone, ...$slow->sprayed("case {$case}", new TrueSpray(0.0, 0.2), 1, false));
            }
            $found['useless, never compared, a week later, kept'] += self::is($book, $alone, RecordVerdict::Keep);
            $found['useless on a steady pest, dropped'] += self::is($book, self::cases($steady, new TrueSpray(0.0, 0.2), 6, 1), RecordVerdict::Drop);
            $burning = $book->ranked('aphids', ['burns' => self::cases($steady, new TrueSpray(85.0, burns: 0.5), 4, 2), 'clean' => self::cases($steady, new TrueSpray(85.0), 4, 2)], ['burns' => SprayFamily::Soap, 'clean' => SprayFamily::Soap], Clumping::usual());
            $found['clean before burning'] += (int) (array_key_first($burning) === 'clean');
        }

        return array_map(static fn(int $times): float => 100.0 * $times / $gardens, $found);
    }

    /** @param list<RoundEffect> $effects of a soap on aphids */
    private static function is(RecordBook $book, array $effects, RecordVerdict $verdict): int
    {
        return (int) ($book->ranked('aphids', [$effects], [SprayFamily::Soap], Clumping::usual())[0]->verdict() === $verdict);
    }

    /** @return list<RoundEffect> every other case with a plant left alone beside it */
    private static function cases(Plot $plot, TrueSpray $spray, int $cases, int $rounds): array
    {
        $all = [];
        for ($case = 0; $case < $cases; ++$case) {
            array_push($all, ...$plot->sprayed("case {$case}", $spray, $rounds, $case % 2 === 0));
        }

        return $all;
    }

    /** @return list<RoundEffect> up to twelve rounds, at least one a case, the others where chance puts them */
    private static function season(Plot $plot, Chance $chance, TrueSpray $spray, int $cases): array
    {
        $sizes = array_fill(0, $cases, 1);
        for ($more = max($cases, $chance->whole(2, 12)) - $cases; $more > 0; --$more) {
            ++$sizes[$chance->whole(0, $cases - 1)];
        }
        $all = [];
        foreach ($sizes as $case => $rounds) {
            array_push($all, ...$plot->sprayed("case {$case}", $spray, max(1, $rounds), false));
        }

        return $all;
    }

    /** @param list<RoundEffect> $effects */
    private static function record(array $effects, Plot $plot): Record
    {
        return new Record($effects, new Unsprayed(0.2, 5.0), Prior::unknown(), $plot->clumping());
    }
}
