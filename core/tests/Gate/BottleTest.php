<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\Bottle;
use IdleMixer\Core\Batch\BottleState;
use IdleMixer\Core\Gate\BottleNow;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Sprays;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Work\StandTest;

const MADE = '2026-06-10T18:00:00Z';

function stateOf(StandTest $glass = StandTest::Even, bool $discarded = false, ?string $made = MADE): Bottle
{
    $at = $made === null ? null : new DateTimeImmutable($made);

    return new Bottle($at, $at?->modify('+8 hours'), $discarded, false, $glass, mixed: $at === null ? 0 : 1);
}

/**
 * @param list<TestedSpray> $tests
 *
 * @return list<Verdict> what is said of the bottle and of what was tested
 */
function foundOf(Bottle $batch, array $tests, string $now, ?Composition $spray, RecipeUse $use = RecipeUse::Foliar): array
{
    $at = new DateTimeImmutable($now);
    $asked = new SprayNow($use, Strengths::told(Substance::Neem, 0.4), $spray, bottle: BottleNow::since($batch->madeAt, $batch->discardAt, $at, $spray !== null, $batch->discarded, $batch->standTest, 'this'));
    $found = Gate::shipped()->verdicts(Question::for($asked, new Whom(new PlantNow(), new PlantHad(), new Proof($tests), $at), ToleranceCatalogue::shipped()));

    return array_values(array_filter($found, static fn(Verdict $verdict): bool => in_array($verdict->code, ['batch', 'stand-test', 'leaf-test', 'unknown-mix'], true)));
}

/**
 * @param list<TestedSpray> $tests
 *
 * @return array<string, Level> by wording
 */
function said(Bottle $batch, array $tests, string $now, ?Composition $spray = null, RecipeUse $use = RecipeUse::Foliar): array
{
    $all = [];
    foreach (foundOf($batch, $tests, $now, $spray ?? Sprays::neem(), $use) as $verdict) {
        $all[$verdict->finding->value] = $verdict->level;
        // Every sentence is whole.
        expect(Sentences::shipped()->verdict($verdict))->not->toMatch('/[{}]/');
    }

    return $all;
}

/** @return list<TestedSpray> */
function cleanTest(): array
{
    return [Sprays::tested(1, Sprays::neem(), 1, [50 => Reaction::Clean])];
}

const AFTER = '2026-06-10T20:00:00Z';

it('passes a fresh batch of a spray whose leaves stayed clean, whatever batch was tested', function (): void {
    expect(said(stateOf(), cleanTest(), AFTER))->toBe(['batch-fit' => Level::Ok, 'leaf-test-go-ahead' => Level::Ok]);
});

it('stops what was kept too long', function (): void {
    // Common practice, no source: neem sprays 8 hours by the cautious school.
    expect(said(stateOf(), cleanTest(), '2026-06-11T02:00:01Z'))->toBe(['batch-kept-too-long' => Level::Stop, 'leaf-test-go-ahead' => Level::Ok])
        ->and(stateOf()->state(new DateTimeImmutable('2026-06-11T02:00:01Z')))->toBe(BottleState::Gone)
        ->and(stateOf()->state(new DateTimeImmutable('2026-06-11T02:00:00Z')))->toBe(BottleState::Standing);
});

// Made at 18:00 and good for eight hours, until 02:00: hours by the clock.
it('says how long ago a batch was made, and how long it is still good', function (string $now, string $wording, array $hours): void {
    $found = foundOf(stateOf(), [], $now, Sprays::neem(), RecipeUse::Drench);
    expect($found[0]->finding->value)->toBe($wording)->and($found[0]->args)->toEqualWithDelta($hours, 1e-9);
})->with([
    'just made' => [MADE, 'batch-fit', ['hours-ago' => 0.0, 'hours-left' => 8.0]],
    'two and a half hours later' => ['2026-06-10T20:30:00Z', 'batch-fit', ['hours-ago' => 2.5, 'hours-left' => 5.5]],
    'told by a clock that is behind' => ['2026-06-10T17:00:00Z', 'batch-fit', ['hours-ago' => 0.0, 'hours-left' => 9.0]],
    'at the end' => ['2026-06-11T02:00:00Z', 'batch-fit', ['hours-ago' => 8.0, 'hours-left' => 0.0]],
    'a day after the end' => ['2026-06-12T02:00:00Z', 'batch-kept-too-long', ['hours-ago' => 24.0]],
]);

it('stops what separated in the glass', function (StandTest $glass): void {
    expect(said(stateOf($glass), cleanTest(), AFTER))->toHaveKey('batch-unsteady', Level::Stop);
})->with([[StandTest::Ring], [StandTest::Beads], [StandTest::Layer], [StandTest::Scum]]);

it('asks for a leaf test of a new spray, of a stronger one, and of one that nobody wrote down', function (): void {
    expect(said(stateOf(), [], AFTER))->toHaveKey('leaf-test-none', Level::Caution)
        ->and(said(stateOf(), cleanTest(), AFTER, Sprays::neem(1.5)))->toHaveKey('leaf-test-stronger', Level::Caution)
        ->and(array_map(static fn(Verdict $one): string => $one->finding->value, foundOf(stateOf(), cleanTest(), AFTER, null)))->toBe(['batch-fit', 'unknown-mix', 'leaf-test-unknown']);
});

it('asks for none of what is poured into the soil', function (): void {
    expect(said(stateOf(), [], AFTER, use: RecipeUse::Drench))->toBe(['batch-fit' => Level::Ok]);
});

it('says how long a test still waits, and that it is due', function (): void {
    expect(said(stateOf(), [Sprays::tested(1, Sprays::neem(), 10, [])], AFTER))->toHaveKey('leaf-test-waiting', Level::Caution)
        ->and(said(stateOf(), [Sprays::tested(1, Sprays::neem(), 1, [])], AFTER))->toHaveKey('leaf-test-look-now', Level::Caution);
});

it('has one level for each reaction, on the page of the test and before spraying', function (Reaction $reaction, string $wording, Level $level): void {
    $test = Sprays::tested(1, Sprays::neem(), 1, [30 => $reaction]);
    expect(said(stateOf(), [$test], AFTER))->toHaveKey($wording, $level)
        ->and($test->test->outcome(new DateTimeImmutable(AFTER))->level())->toBe($level);
})->with([[Reaction::Slight, 'leaf-test-weaken', Level::Caution], [Reaction::Marked, 'leaf-test-refuse', Level::Stop], [Reaction::Dead, 'leaf-test-refuse', Level::Stop]]);

it('has nothing to spray while it is mixed, or once it is thrown away', function (): void {
    expect(said(stateOf(made: null), [], AFTER))->toBe(['batch-not-finished' => Level::Stop])
        ->and(said(stateOf(discarded: true), [], AFTER))->toBe(['batch-discarded' => Level::Stop])
        ->and(stateOf(made: null)->state(new DateTimeImmutable(MADE)))->toBe(BottleState::Planned);
});

it('knows a worse level', function (): void {
    expect(Level::Stop->isWorseThan(Level::Caution))->toBeTrue()
        ->and(Level::Ok->isWorseThan(Level::Caution))->toBeFalse()
        ->and(Verdict::of(Finding::HighEndOverflow)->source)->toBeNull();
});

// Common practice, no source: what is mixed is sprayed before anything is mixed anew; what is old, gone or parted is not.
it('waits to be sprayed from when it is mixed until it was sprayed, is old, gone or parted', function (Bottle $batch, ?string $sprayed, string $now, bool $waits): void {
    expect($batch->waits($sprayed === null ? null : new DateTimeImmutable($sprayed), new DateTimeImmutable($now)))->toBe($waits);
})->with([
    'mixed an hour ago' => [fn() => stateOf(), null, '2026-06-10T19:00:00Z', true],
    'no glass was looked at' => [fn() => stateOf(StandTest::NotDone), null, '2026-06-10T19:00:00Z', true],
    'sprayed before it was mixed' => [fn() => stateOf(), '2026-06-03T18:00:00Z', '2026-06-10T19:00:00Z', true],
    'sprayed in the minute in which it was mixed' => [fn() => stateOf(), MADE, '2026-06-10T19:00:00Z', false],
    'sprayed since' => [fn() => stateOf(), '2026-06-10T18:30:00Z', '2026-06-10T19:00:00Z', false],
    'still being mixed' => [fn() => stateOf(made: null), null, '2026-06-10T19:00:00Z', false],
    'thrown away' => [fn() => stateOf(discarded: true), null, '2026-06-10T19:00:00Z', false],
    'kept to the last minute' => [fn() => stateOf(), null, '2026-06-11T02:00:00Z', true],
    'kept too long' => [fn() => stateOf(), null, '2026-06-11T02:00:01Z', false],
    'a ring of oil in the glass' => [fn() => stateOf(StandTest::Ring), null, '2026-06-10T19:00:00Z', false],
    'used up' => [fn() => new Bottle(new DateTimeImmutable(MADE), null, true, true, StandTest::Even, mixed: 1), null, '2026-06-10T19:00:00Z', false],
]);
