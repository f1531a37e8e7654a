<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\KnownEffects;
use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\Beta;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Facts;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\InvalidCount;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Evidence\LeafCounts;
use IdleMixer\Core\Evidence\LeftInterval;
use IdleMixer\Core\Evidence\Normal;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Pooled;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Student;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Evidence\TrueShare;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Evidence\VerdictReason;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Tests\Support\Alone;
use IdleMixer\Core\Tests\Support\Histories;
use IdleMixer\Core\Tests\Support\NodeScript;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\RecordWords;
use IdleMixer\Core\Work\StandTest;

/** @param list<array{?float, ?float, ?float, ?float}> $rounds in cases of their own */
function soapOnAphids(array $rounds, int $burnt = 0): Record
{
    $effects = array_map(static fn(array $counts, int $i): RoundEffect => RoundEffect::of("case {$i}", Histories::one($counts), burnt: $i < $burnt), $rounds, array_keys($rounds));

    return RecordBook::shipped()->ranked('aphids', ['soap' => $effects], ['soap' => SprayFamily::Soap], Clumping::usual())['soap'];
}

/*
 * Edge cases, written down before the sentences: what a careful person says where a formula gives no number, or one that would
 * mislead. Common practice, no source; formulas of Abbott (1925), Henderson and Tilton (1955).
 */
it('says a sentence where a number would mislead', function (array $counts, Outcome $outcome, string $says, string $formula = ''): void {
    /** @var array{?float, ?float, ?float, ?float} $counts */
    $trial = Histories::one($counts);
    $words = Findings::shipped();

    expect($trial->outcome())->toBe($outcome)
        ->and($words->trial($trial))->toContain($says)
        ->and($words->formula($trial, 'aphids', Clumping::usual()))->toContain($formula)
        ->and($trial->outcome()->isJudged() ? 'judged' : $words->formula($trial, 'aphids', Clumping::usual()))->toBe($trial->outcome()->isJudged() ? 'judged' : '');
})->with([
    'none before' => [[0.0, 0.0, null, null], Outcome::NoneBefore, 'Not judged: there was none before, so none could go.'],
    'none before, some after' => [[0.0, 7.0, null, null], Outcome::NoneBefore, 'Not judged: there was none before'],
    'nine before' => [[9.0, 0.0, null, null], Outcome::TooFew, 'Not judged: with fewer than 10 before, chance decides'],
    'none on the plant left alone, nothing before' => [[null, 6.0, null, 0.0], Outcome::UntreatedTooFew, 'fewer than 10 on the plant left alone compare with nothing'],
    'the plant left alone lost all' => [[100.0, 2.0, 100.0, 0.0], Outcome::ControlFell, 'the plant left alone lost more than half by itself'],
    'it grew' => [[100.0, 160.0, null, null], Outcome::Failed, 'It did not work: 60 % more, from 100 to 160', 'No plant was left alone: by itself it might have gone to between'],
    'it grew less than the plant left alone' => [[100.0, 120.0, 100.0, 300.0], Outcome::Helped, 'It helped: 60 % fewer', 'Held against the plant left alone, which went from 100 to 300.'],
    'counted afterwards on both' => [[null, 6.0, null, 40.0], Outcome::Worked, 'It worked: 85 % fewer', 'Held against the plant left alone, which had 40 then.'],
    'nothing after' => [[100.0, null, null, null], Outcome::NoCountAfter, 'Not judged yet: count again'],
    'nothing at all' => [[null, null, null, null], Outcome::NoCountBefore, 'Not judged: nobody counted in the 3 days before.'],
]);

it('says what aphids might have done by themselves in a day', function (): void {
    // By hand: a fifth is left after a week at the least, five times as many at the most (our own figures), over 25 hours of 168:
    // 100 x 0.2^(25/168) = 79, 100 x 5^(25/168) = 127.
    expect(Findings::shipped()->formula(Histories::one([100.0, 8.0, null, null]), 'aphids', Clumping::usual()))->toContain('between 79 and 127 in that time');
});

it('knows for every pest that can be counted what it does by itself', function (): void {
    $pests = TroubleCatalogue::shipped()->pestSlugs();
    expect(array_diff($pests, UnsprayedCatalogue::shipped()->pests()))->toBe([])->and(array_diff(UnsprayedCatalogue::shipped()->pests(), $pests))->toBe([]);
    foreach ($pests as $pest) {
        [$least, $most] = UnsprayedCatalogue::shipped()->of($pest)->after(7.0);
        expect($least)->toBeGreaterThan(0.0)->toBeLessThan($most);
    }
    // Common practice, no source: wax and shields do not go by themselves, aphids and slugs do.
    foreach (['mealybugs', 'scale', 'overwintering-eggs'] as $pest) {
        expect(UnsprayedCatalogue::shipped()->of($pest)->after(7.0)[0])->toBeGreaterThan(0.7, $pest);
    }
    foreach (['aphids', 'slugs', 'caterpillars'] as $pest) {
        expect(UnsprayedCatalogue::shipped()->of($pest)->after(7.0)[0])->toBeLessThan(0.35, $pest);
    }
});

it('has the t of a reference library', function (): void {
    // jstat (npm): studentt.inv(0.975, n).
    $reference = NodeScript::run("import jstat from 'jstat'; process.stdout.write(JSON.stringify([1,2,3,4,5,7,10,20,60,200].map((n) => jstat.jStat.studentt.inv(0.975, n))));", []);
    foreach ([1, 2, 3, 4, 5, 7, 10, 20, 60, 200] as $i => $n) {
        expect(Student::nineteenOfTwenty($n))->toEqualWithDelta($reference[$i] ?? null, 1e-6);
    }
    expect(static fn() => Student::nineteenOfTwenty(0))->toThrow(InvalidCount::class);
});

it('takes the rounds of a case together', function (): void {
    // By hand: case a left 0.1 and 0.4 of 100 (with half a count added to each), case b left 0.2. Means of logarithms, t of one
    // degree of freedom 12.706.
    $effect = static fn(string $case, float $after): RoundEffect => RoundEffect::of($case, Histories::one([100.0, $after, null, null]));
    $estimate = Pooled::of([$effect('a', 10.0), $effect('a', 40.0), $effect('b', 20.0)], Clumping::usual());
    $a = (log(10.5 / 100.5) + log(40.5 / 100.5)) / 2;
    $b = log(20.5 / 100.5);
    $half = 12.7062047 * sqrt((($a - ($a + $b) / 2) ** 2 + ($b - ($a + $b) / 2) ** 2) / 2);

    expect($estimate?->cases)->toBe(2)->and($estimate?->rounds)->toBe(3)
        ->and($estimate?->percent)->toEqualWithDelta(100 * (1 - exp(($a + $b) / 2)), 1e-9)
        ->and($estimate?->high)->toEqualWithDelta(100 * (1 - exp(($a + $b) / 2 - $half)), 1e-6)
        ->and(Pooled::of([], Clumping::usual()))->toBeNull();
});

it('is less sure of six rounds in one case than of six in six', function (): void {
    $one = Interval::clustered([[5, 6]]);
    $six = Interval::clustered([[1, 1], [1, 1], [1, 1], [1, 1], [1, 1], [0, 1]]);

    // Wilson (1927) by hand: 5 of 6 lies between 43.65 and 97.00 %.
    expect([100 * $six->low, 100 * $six->high])->toEqualWithDelta([43.65, 97.0], 0.01)->and($one->low)->toBeLessThan($six->low)->and($one->high)->toBeGreaterThan($six->high)
        ->and(static fn() => Interval::clustered([]))->toThrow(InvalidCount::class)
        ->and(static fn() => Interval::clustered([[3, 2]]))->toThrow(InvalidCount::class);
});

it('tells by the leaves how clumped a pest sits', function (): void {
    // By hand: 0, 0, 0 and 40 on a leaf: mean 10, variance 400. Three more leaves than one weigh 3 / 10², so 3 + 0.03 x 390 = 14.7 over
    // 3 + 0.03 x (100 - 100) = 3, of which one over k is 4.9. Ten leaves with 10 each: (3 - 0.09 x 10) / (3 + 0.09 x 100) = 0.175.
    expect(Clumping::shownBy([LeafCounts::of([0.0, 0.0, 0.0, 40.0])])->k)->toEqualWithDelta(1 / 4.9, 1e-9)
        ->and(Clumping::shownBy([LeafCounts::of(array_fill(0, 10, 10.0))])->k)->toEqualWithDelta(12.0 / 2.1, 1e-9)
        ->and(Clumping::shownBy([])->k)->toBe(Clumping::usual()->k)
        ->and(Clumping::shownBy([LeafCounts::of([4.0]), LeafCounts::of([0.0, 0.0])])->k)->toBe(Clumping::usual()->k)
        // Nobody counts as evenly as that: it never falls to no clumps at all.
        ->and(Clumping::shownBy(array_fill(0, 200, LeafCounts::of(array_fill(0, 10, 10.0))))->k)->toBe(50.0)
        ->and(LeafCounts::of([3.0, 5.0])->on(10))->toEqualWithDelta(40.0, 1e-9)
        ->and(static fn() => LeafCounts::of([]))->toThrow(InvalidCount::class)
        ->and(static fn() => LeafCounts::of([1.0, -1.0]))->toThrow(InvalidCount::class);
});

it('gives the incomplete beta function as the tables have it', function (): void {
    // Pearson, Tables of the Incomplete Beta-Function (1934), from memory, and by hand where a or b is whole: I_x(a, 1) = x^a.
    expect(Beta::under(0.5, 2.0, 3.0))->toEqualWithDelta(0.6875, 1e-10)
        ->and(Beta::under(0.3, 4.0, 1.0))->toEqualWithDelta(0.3 ** 4, 1e-10)
        ->and(Beta::under(0.9, 1.0, 5.0))->toEqualWithDelta(1 - 0.1 ** 5, 1e-10)
        ->and([Beta::under(0.0, 2.0, 2.0), Beta::under(1.0, 2.0, 2.0)])->toBe([0.0, 1.0]);
});

it('gives the normal distribution as the tables have it', function (): void {
    // Abramowitz and Stegun, table 26.1.
    foreach ([[0.0, 0.5], [1.0, 0.8413447], [1.959964, 0.975], [-1.959964, 0.025], [3.0, 0.9986501]] as [$deviations, $under]) {
        expect(Normal::under($deviations))->toEqualWithDelta($under, 1e-6);
    }
});

it('says what a round may really have left by chance and by clumps', function (): void {
    // A thousand on ten leaves, a hundred after it, k = 1: both have nearly the shape 10, and F of 20 and 20 degrees of freedom is passed
    // in 1 of 40 at 2.46 (tables of Fisher and Snedecor, from memory): from 0.1 / 2.46 to 0.246 are left.
    $at = new DateTimeImmutable('2026-06-01T20:00:00Z');
    $on = static fn(float ...$each): Counted => new Counted($at, array_sum($each), false, LeafCounts::of(array_values($each)));
    $wide = LeftInterval::of($on(...array_fill(0, 10, 100.0)), $on(...array_fill(0, 10, 10.0)), null, null, Clumping::usual());
    expect([$wide->low, $wide->high])->toEqualWithDelta([75.4, 95.93], 0.8);

    // Twice as many leaves say more; twice the clumps say less; what was counted always lies within.
    $more = LeftInterval::of($on(...array_fill(0, 20, 50.0)), $on(...array_fill(0, 20, 5.0)), null, null, Clumping::usual());
    $clumped = LeftInterval::of($on(...array_fill(0, 10, 100.0)), $on(...array_fill(0, 10, 10.0)), null, null, Clumping::shownBy([LeafCounts::of([0.0, 0.0, 0.0, 40.0])]));
    expect($more->low)->toBeGreaterThan($wide->low)->and($more->high)->toBeLessThan($wide->high)
        ->and($clumped->low)->toBeLessThan($wide->low)->and($clumped->high)->toBeGreaterThan($wide->high);

    // With nothing left on twenty leaves of two hundred before, it took nine of ten at least. Abbott has no count before.
    $none = LeftInterval::of($on(...array_fill(0, 20, 10.0)), $on(...array_fill(0, 20, 0.0)), null, null, Clumping::usual());
    $compared = LeftInterval::of(null, $on(...array_fill(0, 10, 1.0)), null, $on(...array_fill(0, 10, 10.0)), Clumping::usual());
    expect($none->low)->toBeGreaterThan(90.0)->and($none->high)->toBeLessThanOrEqual(100.0)
        ->and($compared->low)->toBeLessThan(90.0)->and($compared->high)->toBeGreaterThan(90.0);
});

it('tells the share that works in truth, however the counts fell', function (): void {
    $effect = static fn(string $case, float $after): RoundEffect => RoundEffect::of($case, Histories::one([1000.0, $after, null, null]));
    $good = array_map(static fn(int $case): RoundEffect => $effect("case {$case}", 30.0), range(1, 12));
    $share = TrueShare::of($good, Clumping::shownBy([LeafCounts::of(array_fill(0, 40, 10.0))]));
    // Twelve of twelve far under a fifth left: nearly all would work. Half and half: about a half would.
    expect($share?->low)->toBeGreaterThan(0.75)->and($share?->high)->toBeGreaterThan(0.99);
    $mixed = TrueShare::of([...array_slice($good, 0, 6), ...array_map(static fn(int $case): RoundEffect => $effect("bad {$case}", 700.0), range(1, 6))], Clumping::usual());
    expect($mixed?->low)->toBeLessThan(0.5)->and($mixed?->high)->toBeGreaterThan(0.5)
        ->and(TrueShare::of([], Clumping::usual()))->toBeNull();
});

it('gives Henderson and Tilton on the scale of logarithms', function (): void {
    // 92 % of their worked figure; half a count is added to each, so not to the last digit.
    $at = new DateTimeImmutable('2026-06-01T20:00:00Z');
    $count = static fn(float $value): Counted => new Counted($at, $value, false);
    expect(Kept::of($count(100.0), $count(10.0), $count(120.0), $count(150.0))->reduction())->toEqualWithDelta(92.0, 0.5);
});

it('keeps, tunes and drops by a rule that looks at its families', function (): void {
    $worked = [100.0, 5.0, null, null];
    $compared = [100.0, 5.0, 100.0, 110.0];
    $gone = [100.0, 10.0, 100.0, 12.0];
    $nothing = [100.0, 95.0, null, null];

    expect(soapOnAphids([$worked, $worked, $worked])->reason())->toBe(VerdictReason::Works)
        ->and(soapOnAphids([$worked, $worked])->reason())->toBe(VerdictReason::FewRounds)
        ->and(soapOnAphids([$nothing, $nothing, $nothing])->reason())->toBe(VerdictReason::DoesNothing)
        // Leaves burnt after one of three: weaker.
        ->and(soapOnAphids([$worked, $worked, $worked], 1)->reason())->toBe(VerdictReason::Burns)
        // Where a plant left alone was counted, it went by itself.
        ->and(soapOnAphids([$worked, $worked, $worked, $gone])->reason())->toBe(VerdictReason::ByItself)
        ->and(soapOnAphids([$worked, $compared, $compared, $gone])->reason())->toBe(VerdictReason::Works)
        ->and(RecordWords::reason(RecordFacts::of(soapOnAphids([$worked, $worked, $worked, $gone]))))->toBe('It came down, but so did the plant left alone in 1 round: nobody knows if the spray did it.')
        ->and(RecordWords::reason(RecordFacts::of(soapOnAphids([$worked, $worked]))))->toBe('Fewer than 3 judged rounds say nothing yet: there are 2.')
        ->and(RecordWords::reason(RecordFacts::of(soapOnAphids([$worked]))))->toBe('Fewer than 3 judged rounds say nothing yet: there is 1.')
        ->and(RecordWords::reason(RecordFacts::of(soapOnAphids([$worked, $worked, $worked], 1))))->toBe('Leaves burnt after 1 of 3 rounds, and one in four is too often. Weaken it.');
});

it('calls nothing a success that aphids do by themselves in a week', function (): void {
    // Neem, judged after seven days: 85 % fewer may be the season's doing (a fifth is left by itself, our own figure); of
    // mealybugs it may not.
    $effects = array_map(static fn(int $i): RoundEffect => RoundEffect::of("case {$i}", Histories::one([100.0, 13.0, null, null], 168.0, 169.0)), [1, 2, 3]);
    $book = RecordBook::shipped();

    expect($book->ranked('aphids', [$effects], [SprayFamily::Neem], Clumping::usual())[0]->reason())->toBe(VerdictReason::ByItself)
        ->and($book->ranked('mealybugs', [$effects], [SprayFamily::Neem], Clumping::usual())[0]->verdict())->toBe(RecordVerdict::Keep);
});

it('moves few cases towards the family, and the family towards what is known', function (): void {
    // By hand: known 85 % down counts as two cases, one other soap with a case at 60 %: family (2 ln 0.15 + ln 0.4) / 3; the spray
    // itself has one case at 95 %, its family counts as one.
    $known = Prior::known(85.0);
    $family = $known->movedBy([log(0.4)]);
    expect($family->log)->toEqualWithDelta((2 * log(0.15) + log(0.4)) / 3, 1e-9)
        ->and($family->shrunk([log(0.05)]))->toEqualWithDelta(((2 * log(0.15) + log(0.4)) / 3 + log(0.05)) / 2, 1e-9);

    $aphids = TroubleCatalogue::shipped()->trouble('aphids');
    // Soap on aphids is what everybody finds to kill, neem what most find to hold them back; soda does nothing to them.
    $log = static fn(?SprayFamily $of): float => KnownEffects::shipped()->of($aphids, $of)->log;
    expect($log(SprayFamily::Soap))->toBeLessThan($log(SprayFamily::Neem))->and($log(SprayFamily::Neem))->toBeLessThan($log(SprayFamily::Soda))
        ->and($log(null))->toEqualWithDelta(Prior::unknown()->log, 1e-12);
});

it('lets a burning spray stand behind its equal', function (): void {
    $effects = static fn(bool $burnt): array => array_map(static fn(int $i): RoundEffect => RoundEffect::of("case {$i}", Histories::one([100.0, 10.0, null, null]), burnt: $burnt), [1, 2, 3]);
    $ranked = RecordBook::shipped()->ranked('aphids', ['burns' => $effects(true), 'clean' => $effects(false)], ['burns' => SprayFamily::Soap, 'clean' => SprayFamily::Soap], Clumping::usual());

    expect(array_keys($ranked))->toBe(['clean', 'burns'])->and($ranked['burns']->verdict())->toBe(RecordVerdict::Tune);
});

it('learns from plants left alone how fast a pest goes by itself', function (): void {
    $unsprayed = (new Unsprayed(0.8, 1.5))->seenIn([RoundEffect::of('a', Histories::one([100.0, 10.0, 100.0, 49.5]))]);
    // By hand: half in 25 hours is 0.5^(168/25) a week, about one in a hundred.
    expect($unsprayed->after(7.0)[0])->toEqualWithDelta((50.0 / 100.5) ** (168 / 25), 1e-3)->and($unsprayed->after(7.0)[1])->toBe(1.5);
});

it('counts rounds until one worked, and says how sure an effect is', function (): void {
    $effect = static fn(string $case, float $after): RoundEffect => RoundEffect::of($case, Histories::one([100.0, $after, null, null]));
    $of = static fn(RoundEffect ...$effects): Record => new Record(array_values($effects), new Unsprayed(0.8, 2.0), Prior::unknown(), Clumping::usual());
    // By hand: case a worked in its third round, case b in its first, case c never: the middle of 3 and 1.
    expect($of($effect('a', 60.0), $effect('a', 50.0), $effect('a', 5.0), $effect('b', 5.0), $effect('b', 4.0), $effect('c', 90.0))->roundsNeeded())->toBe(2.0)
        ->and($of($effect('c', 90.0))->roundsNeeded())->toBeNull()
        ->and($of()->sureness())->toBe(Sureness::None)
        // Two rounds say little, however alike they are.
        ->and($of($effect('a', 5.0), $effect('b', 5.0))->sureness())->toBe(Sureness::Hardly)
        ->and($of($effect('a', 5.0), $effect('b', 6.0), $effect('c', 5.0), $effect('d', 6.0))->sureness())->toBe(Sureness::Sure)
        ->and($of($effect('a', 5.0), $effect('b', 60.0), $effect('c', 30.0))->sureness())->toBe(Sureness::Hardly);
});

it('brings what was known of a round to yes and no', function (): void {
    $facts = static fn(?float $hardness, int $hour, ?float $celsius, ?float $litres): array => Facts::of(false, StandTest::NotDone, $hardness, MixingOrder::AllTogether, $hour, $celsius, null, $litres);
    // Hard above 120 mg/L (USGS); morning and evening are common practice, the hours our own.
    expect($facts(121.0, 7, 25.0, 0.6))->toBe(['hand-work' => false, 'hardness' => true, 'order' => false, 'hour' => true, 'warmth' => true, 'cover' => true])
        ->and($facts(120.0, 12, 20.0, 0.2))->toBe(['hand-work' => false, 'hardness' => false, 'order' => false, 'hour' => false, 'warmth' => false, 'cover' => false])
        ->and($facts(null, 19, null, null))->toBe(['hand-work' => false, 'order' => false, 'hour' => true])
        ->and(Facts::of(true, StandTest::Ring, null, MixingOrder::EmulsifierFirst, 19, null, true, null))->toBe(['hand-work' => true, 'stand-test' => false, 'order' => true, 'hour' => true, 'strength' => true]);
});
