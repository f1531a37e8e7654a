<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Population;

use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Evening;
use IdleMixer\Core\Population\Forecaster;
use IdleMixer\Core\Population\Guess;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Life;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Span;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Warmths;

/** How often the band holds a later count, in gardens whose pests live otherwise than handbooks have it: everything is off by up to a third. */
final class Bands
{
    private const OFF = 1.0 / 3.0;

    /** Leaves that are counted, and the k of what sits on one. */
    private const LEAVES = 10;

    private const VERY_MANY = 5_000.0;

    /** Days after the last count that was told. */
    private const LATER = [3, 7, 14];

    /** @return array<int, float> percent of later counts that the band held, by days after the last count that was told */
    public static function held(string $trouble, int $gardens, int $seed): array
    {
        $chance = new Chance($seed);
        $life = LifeCatalogue::shipped()->of($trouble) ?? throw new \LogicException($trouble);
        $held = array_fill_keys(self::LATER, 0);
        for ($garden = 0; $garden < $gardens; ++$garden) {
            [$days, $outbreak, $truth] = self::garden($chance, $life);
            $last = $days[count($days) - 1];
            $counts = array_map(static fn(int $day): CountOn => new CountOn($day, self::counted($chance, $truth[$day]->counted)), $days);
            $forecast = Forecaster::usual()->of($outbreak, $counts, $last + 1 + max(self::LATER));
            foreach (self::LATER as $after) {
                $held[$after] += (int) $forecast->days[$last + $after]->holds(self::counted($chance, $truth[$last + $after]->seen()));
            }
        }

        return array_map(static fn(int $times): float => 100.0 * $times / $gardens, $held);
    }

    /** @return array{non-empty-list<int>, Outbreak, list<Evening>} days of its counts, what is thought of it, and what is true */
    private static function garden(Chance $chance, Life $life): array
    {
        $warmths = Warmths::steady(19.0 + 6.0 * $chance->share());
        $days = [0];
        for ($count = $chance->whole(5, 8); $count > 1; --$count) {
            $days[] = $days[count($days) - 1] + $chance->whole(3, 7);
        }
        $last = $days[count($days) - 1];
        $thought = $true = [];
        for ($rounds = $chance->whole(0, 3), $day = 0; $rounds > 0 && $day <= $last; --$rounds, $day += $chance->whole(5, 10)) {
            $share = 0.5 + 0.4 * $chance->share();
            $thought[] = new Treatment($day, new Kill(['young' => $share, 'adult' => $share]));
            $better = self::off($chance);
            $true[] = new Treatment($day, new Kill(array_fill_keys(['young', 'adult'], min(0.97, $share * $better))));
        }
        $other = new Life($life->biology, array_map(static fn(Span $span): Span => new Span($span->degreeDays * self::off($chance), $span->steps, min(1.0, $span->survive * self::off($chance))), $life->spans), $life->lays * self::off($chance), $life->before, $life->seen, $life->source);

        return [$days, new Outbreak($life, $warmths, $thought), (new Outbreak($other, $warmths, $true))->go(new Guess(log(20.0 + 60.0 * $chance->share())), $last + max(self::LATER))];
    }

    /** A third up or down. */
    private static function off(Chance $chance): float
    {
        return 1.0 + self::OFF * (2.0 * $chance->share() - 1.0);
    }

    private static function counted(Chance $chance, float $mean): float
    {
        // Where very many sit on a leaf, chance by single animals is nothing beside clumps.
        return $mean > self::VERY_MANY ? $mean * exp($chance->normal(0.0, sqrt(1.0 / self::LEAVES))) : (float) array_sum(array_map(static fn(int $leaf): int => $chance->clumped($mean / self::LEAVES, 1.0), range(1, self::LEAVES)));
    }
}
