<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every combination there is, tried one by one: slow, and plainly right.
 *
 * @param list<float> $sizes
 *
 * @return array{int|null, int|null, float} fewest scoops within 5 %, within 10 %, and the smallest error there is, in mL
 */
function bruteForce(array $sizes, float $wanted): array
{
    $fewest = $wider = null;
    $nearest = \INF;
    $try = static function (int $i, int $used, float $sum) use (&$try, &$fewest, &$wider, &$nearest, $sizes, $wanted): void {
        if ($used > 0) {
            $error = abs($sum - $wanted);
            $nearest = min($nearest, $error);
            if ($error <= 0.05 * $wanted * (1 + 1e-12) && ($fewest === null || $used < $fewest)) {
                $fewest = $used;
            }
            if ($error <= 0.1 * $wanted * (1 + 1e-12) && ($wider === null || $used < $wider)) {
                $wider = $used;
            }
        }
        if ($i === count($sizes)) {
            return;
        }
        for ($n = 0; $sum + ($n - 1) * $sizes[$i] < $wanted * 1.1; ++$n) {
            $try($i + 1, $used + $n, $sum + $n * $sizes[$i]);
        }
    };
    $try(0, 0, 0.0);

    return [$fewest, $wider, $nearest];
}

/** @param list<float> $sizes */
function planned(array $sizes, float $wanted): ScoopPlan
{
    return (new ScoopPlanner(array_map(static fn(float $ml): Measure => Measure::holding(Amount::of($ml, Unit::Millilitre)), $sizes)))->plan($wanted);
}

/** @param list<float> $sizes */
function holdsAgainstBruteForce(array $sizes, float $wanted): void
{
    [$fewest, $wider, $nearest] = bruteForce($sizes, $wanted);
    $plan = planned($sizes, $wanted);
    $about = json_encode([$sizes, $wanted], \JSON_THROW_ON_ERROR);
    if ($fewest === null) {
        expect(abs($plan->millilitres() - $wanted))->toEqualWithDelta($nearest, 1e-9, $about);
    } else {
        expect($plan->isWithinTolerance())->toBeTrue($about)->and($plan->count())->toBe($fewest > 5 && $wider !== null && $wider <= 5 ? $wider : $fewest, $about);
    }
}

it('never takes more scoops than brute force, and is within tolerance whenever brute force is', function (): void {
    $random = new Randomizer(new Mt19937(20261125));
    for ($round = 0; $round < 400; ++$round) {
        $sizes = [];
        for ($i = 0, $n = $random->getInt(1, 4); $i < $n; ++$i) {
            $sizes[] = round($random->getInt(80, 4000) / 100, 2);
        }
        $wanted = round($random->getInt(300, 90_000) / 1000, 3);
        holdsAgainstBruteForce($sizes, $wanted);
    }
});

it('sums its scoops to what it says it measures', function (): void {
    $plan = planned([14.787, 4.929, 2.464], 33.0);
    $sum = array_sum(array_map(static fn(Scoop $scoop): float => $scoop->count * $scoop->measure->millilitres, $plan->scoops));

    expect($plan->millilitres())->toEqualWithDelta($sum, 1e-12);
});

it('takes the nearest, of at least one scoop, when nothing comes within 5 %', function (): void {
    $plan = planned([15.0, 5.0], 2.0);

    expect($plan->count())->toBe(1)->and($plan->millilitres())->toBe(5.0)->and($plan->isWithinTolerance())->toBeFalse();
});

it('prefers the nearest of equally few', function (): void {
    expect(planned([10.0, 9.6], 9.7)->millilitres())->toBe(9.6);
});

it('stays quick with sixty odd spoons', function (): void {
    $sizes = [];
    for ($i = 0; $i < 60; ++$i) {
        $sizes[] = 1.0 + $i * 0.173;
    }
    foreach ([3.3, 17.7, 199.0, 12_345.6] as $wanted) {
        $plan = planned($sizes, $wanted);
        expect($plan->isWithinTolerance())->toBeTrue()->and($plan->count())->toBeLessThan(1300);
    }
});

it('holds against brute force with a drawer full of spoons, too', function (): void {
    $random = new Randomizer(new Mt19937(61));
    for ($round = 0; $round < 120; ++$round) {
        $sizes = [];
        for ($i = 0, $n = $random->getInt(5, 8); $i < $n; ++$i) {
            $sizes[] = $random->getInt(300, 4000) / 100;
        }
        $wanted = $random->getInt(300, 4000) / 100;
        holdsAgainstBruteForce($sizes, $wanted);
    }
});

it('takes of equally few the fewest kinds, and of those the nearest', function (): void {
    // All ways with as few scoops, tried one by one.
    $random = new Randomizer(new Mt19937(62));
    for ($round = 0; $round < 80; ++$round) {
        $sizes = [];
        while (count($sizes) < 4) {
            $sizes[] = (float) $random->getInt(2, 30);
        }
        $sizes = array_values(array_unique($sizes));
        $wanted = (float) $random->getInt(5, 90);
        $plan = planned($sizes, $wanted);
        if (! $plan->isWithinTolerance()) {
            continue;
        }
        $best = [\PHP_INT_MAX, \INF];
        $try = static function (int $i, int $left, int $kinds, float $sum) use (&$try, &$best, $sizes, $wanted): void {
            if ($left === 0) {
                $error = abs($sum - $wanted);
                $best = $error <= 0.05 * $wanted * (1 + 1e-12) && [$kinds, $error] < $best ? [$kinds, $error] : $best;

                return;
            }
            if ($i < count($sizes)) {
                for ($n = 0; $n <= $left; ++$n) {
                    $try($i + 1, $left - $n, $kinds + ($n > 0 ? 1 : 0), $sum + $n * $sizes[$i]);
                }
            }
        };
        $try(0, $plan->count(), 0, 0.0);
        $about = json_encode([$sizes, $wanted], \JSON_THROW_ON_ERROR);
        expect(count($plan->scoops))->toBe($best[0], $about)->and(abs($plan->millilitres() - $wanted))->toEqualWithDelta($best[1], 1e-9, $about);
    }
});

it('weighs only where spoons do not come near, or would be many', function (): void {
    $random = new Randomizer(new Mt19937(63));
    $weighed = 0;
    for ($round = 0; $round < 200; ++$round) {
        $measures = array_map(static fn(float $ml): Measure => Measure::holding(Amount::of($ml, Unit::Millilitre)), [15.0, 5.0, 2.5]);
        $scale = Amount::of([0.1, 1.0, 2.0, 5.0][$random->getInt(0, 3)], Unit::Gram);
        $wanted = $random->getInt(50, 20_000) / 100;
        $density = $random->getInt(80, 110) / 100;
        $spoons = (new ScoopPlanner($measures))->plan($wanted);
        $plan = (new ScoopPlanner($measures, $scale))->plan($wanted, $density);
        if ($plan->scoops[0]->measure->amount->unit !== Unit::Gram) {
            expect($plan)->toEqual($spoons);

            continue;
        }
        ++$weighed;
        // What the scale shows, back in mL by the density.
        $grams = $plan->scoops[0]->count * $scale->value;
        expect($plan->millilitres())->toEqualWithDelta($grams / $density, 1e-9)
            ->and(abs($grams - $wanted * $density))->toBeLessThanOrEqual(max($scale->value / 2, $scale->value - $wanted * $density) + 1e-9)
            ->and($spoons->isWithinTolerance() ? $spoons->count() > 3 && $plan->isWithinTolerance() : abs($plan->errorPercent()) < abs($spoons->errorPercent()))->toBeTrue();
    }
    expect($weighed)->toBeGreaterThan(20);
});

it('takes fewer scoops a little further off, where staying close takes more than five', function (): void {
    // 27 mL of 5 mL spoons and drops: five spoons are 7.4 % off, within 10 %; five and a half would take drops.
    $kit = [Measure::holding(Amount::of(5, Unit::Millilitre)), Measure::holding(Amount::of(1, Unit::Drop))];
    $plan = (new ScoopPlanner($kit))->plan(27.0);
    expect($plan->count())->toBe(5)->and($plan->isWithinTolerance())->toBeTrue()->and($plan->errorPercent())->toEqualWithDelta(-7.4, 0.01);
    // Nothing within 10 % with five: close and many.
    expect((new ScoopPlanner([Measure::holding(Amount::of(1, Unit::Millilitre))]))->plan(9.0)->count())->toBe(9);
});

it('counts no powder in drops', function (): void {
    $kit = [Measure::holding(Amount::of(1, Unit::UsTeaspoon)), Measure::holding(Amount::of(1, Unit::Drop))];
    $units = static fn(ScoopPlan $plan): array => array_map(static fn(Scoop $scoop): Unit => $scoop->measure->amount->unit, $plan->scoops);
    expect($units((new ScoopPlanner($kit))->plan(1.0)))->toBe([Unit::Drop])->and($units((new ScoopPlanner($kit))->plan(1.0, null, true)))->toBe([Unit::UsTeaspoon]);
});

it('is not off where nothing is wanted', function (): void {
    expect((new ScoopPlan([], 0.0))->errorPercent())->toBe(0.0);
});
