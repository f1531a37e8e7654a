<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\SideBySide;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Evidence\TrialSize;

it('draws half and half, in pairs of neighbours, the same each time', function (): void {
    $first = 0;
    for ($seed = 1; $seed <= 200; ++$seed) {
        $lots = Lots::draw($seed, 20);
        foreach (array_chunk($lots, 2) as [$left, $right]) {
            expect($left)->not->toBe($right);
        }
        $first += (int) $lots[0];
        expect(Lots::draw($seed, 20))->toBe($lots)->and(array_sum(array_map(intval(...), $lots)))->toBe(10);
    }
    // By lot: about half of 200 begin with the first spray; 70 to 130 is four standard deviations.
    expect($first)->toBeGreaterThan(70)->toBeLessThan(130)->and(Lots::draw(3, 7))->toHaveCount(7);
});

it('compares two sprays as Welch (1947) does', function (): void {
    // By hand: with half a count added, the first leaves 0.1, 0.2 and 0.1 of what it found, the second 0.5, 0.4 and 0.5.
    $before = [9.5, 9.5, 9.5, 9.5, 9.5, 9.5];
    $after = [0.5, 1.5, 0.5, 4.5, 3.5, 4.5];
    $lots = [true, true, true, false, false, false];
    $one = [log(0.1), log(0.2), log(0.1)];
    $other = [log(0.5), log(0.4), log(0.5)];
    $difference = array_sum($one) / 3 - array_sum($other) / 3;

    $found = SideBySide::of($lots, $before, $after);
    expect($found?->percent)->toEqualWithDelta(100 * (1 - exp($difference)), 1e-9)->and($found?->oneBetter)->toBeTrue()
        ->and([$found?->one, $found?->other])->toBe([3, 3]);
    // The t of Welch for these: variances of the means 0.0533753 and 0.0055317, 2.41 degrees of freedom (by hand); t about 3.7.
    $spread = sqrt(array_sum(array_map(static fn(float $x): float => ($x - array_sum($one) / 3) ** 2, $one)) / 6 + array_sum(array_map(static fn(float $x): float => ($x - array_sum($other) / 3) ** 2, $other)) / 6);
    $t = (log(1 - ($found->percent ?? 0.0) / 100) - log(1 - ($found->high ?? 0.0) / 100)) / $spread;
    expect($t)->toBeGreaterThan(3.2)->toBeLessThan(4.3);
});

// By hand: two leave 0.1 and 0.2 of what they found, two 0.4 and 0.8. The middles are ln 4 apart, 75 % fewer; each mean has a variance of (ln 2)² / 4,
// so that Welch counts two degrees of freedom, and 4.3027 (table of t) times the error of both is 2.1089.
it('says of two against two how far it may be off', function (): void {
    $found = SideBySide::of([true, true, false, false], [9.5, 9.5, 9.5, 9.5], [0.5, 1.5, 3.5, 7.5]);
    expect($found?->percent)->toEqualWithDelta(75.0, 1e-9)->and($found?->high)->toEqualWithDelta(96.97, 0.01)->and($found?->low)->toEqualWithDelta(-105.97, 0.05)->and($found?->clear)->toBeFalse();
});

it('says nothing of what was not counted twice', function (): void {
    expect(SideBySide::of([true, true, false, false], [5.0, null, 5.0, 5.0], [1.0, 1.0, 2.0, 2.0]))->toBeNull()
        ->and(SideBySide::of([], [], []))->toBeNull()
        ->and(SideBySide::of([true, true, false, false], [5.0, 6.0, 5.0, 5.0], [5.0, 6.0, 5.0, 5.0])?->clear)->toBeFalse();
});

it('stops early on chance alone in no more than one trial of twenty, with three looks', function (): void {
    $chance = new Chance(77);
    $lots = Lots::draw(5, 20);
    $wrong = 0;
    for ($trial = 0; $trial < 400; ++$trial) {
        $here = array_map(static fn(): float => 6.0 * exp($chance->normal(0.0, 1.0)), $lots);
        $before = array_map(static fn(float $mean): float => (float) $chance->clumped($mean, 4.0), $here);
        $settled = false;
        foreach ([0.5, 0.3, 0.2] as $left) {
            $settled = $settled || (SideBySide::of($lots, $before, array_map(static fn(float $mean): float => (float) $chance->clumped($mean * $left, 4.0), $here))->clear ?? false);
        }
        $wrong += (int) $settled;
    }
    // 5 % of 400 are 20; three standard deviations above are 33.
    expect($wrong)->toBeLessThan(34);
});

it('asks for more leaves the closer two sprays lie', function (): void {
    $far = TrialSize::between(log(0.05), log(0.6), new Chance(1));
    $near = TrialSize::between(log(0.1), log(0.2), new Chance(1));
    expect($far->units)->toBeLessThan($near->units)->and($far->power)->toBeGreaterThanOrEqual(0.8)
        ->and(TrialSize::between(log(0.1), log(0.1), new Chance(1))->units)->toBe($near->units);
});

it('compares with the last look before it was sprayed, and settles at one of three looks only', function (): void {
    $day = static fn(int $n): DateTimeImmutable => (new DateTimeImmutable('2026-06-01T18:00:00Z'))->modify("+{$n} days");
    $lots = [true, false, true, false, true, false, true, false];
    $before = [10.0, 11.0, 12.0, 10.0, 11.0, 12.0, 10.0, 11.0];
    $alike = [5.0, 6.0, 6.0, 5.0, 6.0, 6.0, 5.0, 6.0];
    $apart = [1.0, 10.0, 1.0, 9.0, 1.0, 11.0, 1.0, 10.0];
    $trial = static function (array $after) use ($lots, $before, $day): LotTrial {
        $looks = [new SpotLook($day(0), array_fill(0, 8, 99.0)), new SpotLook($day(2), $before)];
        foreach ($after as $counts) {
            /** @var list<float|null> $counts */
            $looks[] = new SpotLook($day(2 + count($looks)), $counts);
        }

        return new LotTrial($lots, $looks, $day(3));
    };

    expect($trial([])->before()?->counts)->toBe($before)->and($trial([])->result())->toBeNull()->and($trial([])->isSettled())->toBeFalse()
        ->and($trial([$apart])->isSettled())->toBeTrue()
        // Settled once, it stays so; the result is that of the last look.
        ->and($trial([$apart, $alike])->isSettled())->toBeTrue()->and($trial([$apart, $alike])->result()?->clear)->toBeFalse()
        ->and($trial([$alike, $alike, $apart])->isSettled())->toBeTrue()
        ->and($trial([$alike, $alike, $alike, $apart])->isSettled())->toBeFalse()
        ->and((new LotTrial($lots, [new SpotLook($day(0), $before)], null))->after())->toBe([]);
});
