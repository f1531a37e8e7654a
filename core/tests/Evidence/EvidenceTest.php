<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\InvalidCount;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Ranking;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\Reduction;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Tests\Support\Alone;
use IdleMixer\Core\Tests\Support\NodeScript;

it('corrects as Abbott (1925) does', function (): void {
    // J. Econ. Entomol. 18:265-267, worked figure written down from memory: 40 untreated, 6 treated.
    expect(Reduction::abbott(40, 6))->toEqualWithDelta(85.0, 1e-9);
});

it('corrects as Henderson and Tilton (1955) do', function (): void {
    // J. Econ. Entomol. 48:157-161, worked figure written down from memory: Tb 100, Ta 10, Cb 120, Ca 150.
    expect(Reduction::hendersonTilton(100, 10, 120, 150))->toEqualWithDelta(92.0, 1e-9);
});

it('is Abbott when the plants began alike', function (): void {
    expect(Reduction::hendersonTilton(50, 6, 50, 40))->toEqualWithDelta(Reduction::abbott(40, 6), 1e-12);
});

it('gives the score interval of Wilson (1927)', function (int $worked, int $of, float $low, float $high): void {
    // Computed by hand from the formula: 0 of 3 and 8 of 10 at 95 %.
    expect(100 * Interval::clustered(Alone::rounds($worked, $of))->low)->toEqualWithDelta($low, 0.05)
        ->and(100 * Interval::clustered(Alone::rounds($worked, $of))->high)->toEqualWithDelta($high, 0.05);
})->with([[0, 3, 0.0, 56.1], [8, 10, 49.0, 94.3]]);

it('uses the normal quantile of a reference library', function (): void {
    // jstat (npm): the 97.5 % point of the standard normal. The interval is inverted for z: with p = 1/2, half width = z / (2 sqrt(n + z²)).
    $reference = NodeScript::run("import jstat from 'jstat'; process.stdout.write(JSON.stringify([jstat.jStat.normal.inv(0.975, 0, 1)]));", []);
    $interval = Interval::clustered(Alone::rounds(50, 100));
    $half = ($interval->high - $interval->low) / 2;
    $z = 2 * $half * sqrt(100 / (1 - 4 * $half ** 2));

    expect($z)->toEqualWithDelta($reference[0] ?? null, 1e-6);
});

it('bounds what never happened', function (): void {
    // Hanley and Lippman-Hand (1983), JAMA 249:1743-1745: 1 - 0.05^(1/n); n = 3 computed 63.2 %; the rule of three for large n.
    expect(100 * Interval::noneOf(3)->high)->toEqualWithDelta(63.2, 0.05)
        ->and(Interval::noneOf(300)->high)->toEqualWithDelta(3 / 300, 1e-4);
});

it('refuses counts that cannot be', function (Closure $how): void {
    expect($how)->toThrow(InvalidCount::class);
})->with([
    static fn() => Reduction::plain(0, 5),
    static fn() => Reduction::plain(-1, 5),
    static fn() => Reduction::abbott(0, 5),
    static fn() => Reduction::hendersonTilton(10, 1, 10, 0),
    static fn() => Reduction::plain(5, -1),
    static fn() => Reduction::abbott(5, -1),
    static fn() => Reduction::hendersonTilton(10, -1, 10, 5),
    static fn() => Reduction::hendersonTilton(10, 1, -1, 5),
    static fn() => Reduction::plain(\NAN, 1),
    static fn() => Interval::clustered([]),
    static fn() => Interval::clustered([[4, 3]]),
    static fn() => Interval::noneOf(0),
]);

/**
 * @param list<int>                              $rounds days
 * @param list<array{0: int, 1: float, 2?: bool}> $counts day and value
 */
function historyOf(array $rounds, array $counts): CaseHistory
{
    $day = static fn(int $n): DateTimeImmutable => (new DateTimeImmutable('2026-06-01T18:00:00Z'))->modify("+{$n} days");

    return new CaseHistory(
        array_map(static fn(int $n): Sprayed => new Sprayed($day($n), 72.0), $rounds),
        array_map(static fn(array $row): Counted => new Counted($day($row[0]), $row[1], $row[2] ?? false), $counts),
    );
}

it('pairs each round with the last count before it and the first fair count after it', function (): void {
    $trials = historyOf([10, 2], [[0, 90.0], [2, 80.0], [3, 60.0], [6, 10.0], [8, 12.0], [14, 1.0]])->trials();

    expect([$trials[0]->before(), $trials[0]->after(), $trials[0]->outcome()])->toBe([80.0, 10.0, Outcome::Worked])
        ->and([$trials[1]->before(), $trials[1]->after(), $trials[1]->outcome()])->toBe([12.0, 1.0, Outcome::Worked]);
});

it('does not judge too early, without a count before, or on too few', function (): void {
    // Common practice, no source: judging neem on day 1 is a mistake.
    expect(historyOf([2], [[2, 80.0], [3, 5.0]])->trials()[0]->outcome())->toBe(Outcome::TooEarly)
        ->and(historyOf([2], [[6, 5.0]])->trials()[0]->outcome())->toBe(Outcome::NoCountBefore)
        ->and(historyOf([2], [[2, 80.0]])->trials()[0]->outcome())->toBe(Outcome::NoCountAfter)
        ->and(historyOf([2], [[2, 9.0], [6, 0.0]])->trials()[0]->outcome())->toBe(Outcome::TooFew)
        ->and(historyOf([2], [[2, 0.0], [6, 0.0]])->trials()[0]->outcome())->toBe(Outcome::NoneBefore);
});

it('does not take a count from after the next round for this one', function (): void {
    expect(historyOf([2, 6], [[2, 80.0], [8, 5.0]])->trials()[0]->outcome())->toBe(Outcome::NoCountAfter);
});

it('compares with the unsprayed plant where it was counted before and after', function (): void {
    $trial = historyOf([2], [[2, 100.0], [2, 120.0, true], [6, 10.0], [6, 150.0, true]])->trials()[0];

    expect($trial->isCompared())->toBeTrue()->and($trial->reduction())->toEqualWithDelta(92.0, 1e-9);
});

it('calls nothing compared that has nothing to compare', function (): void {
    // Nothing counted after: no formula. Counted on the sprayed plant only: before and after. After only, on both: Abbott (1925).
    expect(historyOf([2], [[2, 100.0], [2, 120.0, true]])->trials()[0]->isCompared())->toBeFalse()
        ->and(historyOf([2], [[6, 5.0]])->trials()[0]->isCompared())->toBeFalse()
        ->and(historyOf([2], [[2, 100.0], [6, 10.0]])->trials()[0]->isCompared())->toBeFalse()
        ->and(historyOf([2], [[6, 10.0], [6, 100.0, true]])->trials()[0]->isCompared())->toBeTrue();
});

it('judges by its own lines', function (float $after, Outcome $outcome): void {
    expect(historyOf([2], [[2, 100.0], [6, $after]])->trials()[0]->outcome())->toBe($outcome);
})->with([[20.0, Outcome::Worked], [20.1, Outcome::Helped], [60.0, Outcome::Helped], [60.1, Outcome::Failed], [150.0, Outcome::Failed]]);

/** @return list<RoundEffect> each in a case of its own */
function effectsOf(int $worked, int $failed): array
{
    $effects = [];
    for ($i = 0; $i < $worked + $failed; ++$i) {
        $effects[] = RoundEffect::of("case {$i}", historyOf([2], [[2, 100.0], [6, $i < $worked ? 5.0 : 90.0]])->trials()[0]);
    }

    return $effects;
}

/** @param list<RoundEffect> $effects */
function soapRecord(array $effects, int $leafTests = 0, int $burned = 0): Record
{
    return new Record($effects, new Unsprayed(0.8, 2.0), Prior::unknown(), Clumping::usual(), $leafTests, $burned);
}

it('does not let one lucky round beat eight good ones, and puts what was never tried above what failed', function (): void {
    $order = Ranking::order([
        'poor' => soapRecord(effectsOf(0, 8)),
        'unknown' => soapRecord([]),
        'lucky' => soapRecord(effectsOf(1, 0)),
        'good' => soapRecord(effectsOf(8, 1)),
    ]);

    expect($order)->toBe(['good', 'lucky', 'unknown', 'poor']);
});

it('sums a record up', function (): void {
    $record = soapRecord(effectsOf(3, 1), 2, 1);

    expect($record->worked())->toBe(3)->and(count($record->judged()))->toBe(4)
        ->and($record->medianReduction())->toEqualWithDelta(95.0, 1e-9)
        ->and($record->compared())->toBe(0)
        ->and(soapRecord([])->medianReduction())->toBeNull()
        ->and(soapRecord([])->estimate())->toBeNull()
        ->and(soapRecord([])->interval())->toBeNull();
});
