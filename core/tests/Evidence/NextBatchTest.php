<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\Fact;
use IdleMixer\Core\Evidence\NextBatch;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RecordTally;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Evidence\VerdictReason;
use IdleMixer\Core\Wording\RecordWords;

/*
 * What a careful grower does with the next batch, by what the last ones did: common practice, no source. Written down by hand before the
 * rule. Rounds, judged, worked, compared, burnt after; percent down in the middle.
 */

/** @param list<Association> $went what went with success */
function nextOf(VerdictReason $reason, int $rounds, int $judged, int $worked, int $compared, ?float $median, array $went = []): NextBatch
{
    return NextBatch::of(new RecordFacts(new RecordTally($rounds, $judged, $worked, $compared, $judged, 0, 0, 0, 0, 0, 0), null, $median, null, $median ?? 0.0, Sureness::cases()[0], $reason, null), $went);
}

/** Rounds with it worked, those without did not. */
function wentWith(Fact $fact): Association
{
    return new Association($fact, 5, 5, 1, 5, 0.8, 0.3, 1.0);
}

it('says what to do with the next batch', function (VerdictReason $reason, array $record, NextBatch $next, ?Fact $went = null): void {
    /** @var array{int, int, int, int, float|null} $record */
    expect(nextOf($reason, ...[...$record, $went === null ? [] : [wentWith($went)]]))->toBe($next);
})->with([
    'nobody counted' => [VerdictReason::FewRounds, [2, 0, 0, 0, null], NextBatch::CountMore],
    'counted once' => [VerdictReason::FewRounds, [3, 1, 1, 0, 90.0], NextBatch::CountMore],
    'counted twice, both worked' => [VerdictReason::FewRounds, [2, 2, 2, 2, 95.0], NextBatch::CountMore],
    'came down as the plant left alone did' => [VerdictReason::ByItself, [4, 4, 3, 4, 60.0], NextBatch::Compare],
    'came down, nothing to compare' => [VerdictReason::ByItself, [5, 5, 4, 0, 50.0], NextBatch::Compare],
    'did nothing' => [VerdictReason::DoesNothing, [4, 4, 0, 2, 10.0], NextBatch::AnotherWay],
    'grew all the same' => [VerdictReason::DoesNothing, [6, 6, 0, 6, -40.0], NextBatch::AnotherWay],
    'each time with pruning' => [VerdictReason::OnlyWithHand, [5, 5, 5, 1, 92.0], NextBatch::WithoutHand],
    'burnt half of the time' => [VerdictReason::Burns, [6, 6, 5, 3, 88.0], NextBatch::Weaker],
    'burnt, whatever else went with it' => [VerdictReason::Burns, [6, 6, 3, 3, 70.0], NextBatch::Weaker, Fact::Hour],
    'works' => [VerdictReason::Works, [5, 5, 4, 3, 88.0], NextBatch::Same],
    'works, and better in the evening' => [VerdictReason::Works, [10, 10, 8, 5, 88.0], NextBatch::Same, Fact::Hour],
    'nearly does it' => [VerdictReason::Helps, [6, 6, 3, 4, 72.0], NextBatch::Oftener],
    'just under the line' => [VerdictReason::Helps, [5, 5, 2, 3, 79.0], NextBatch::Oftener],
    'does half of it' => [VerdictReason::Helps, [6, 6, 2, 3, 50.0], NextBatch::Stronger],
    'does less than half' => [VerdictReason::Helps, [6, 6, 1, 3, 42.0], NextBatch::Stronger],
    'worked in soft water' => [VerdictReason::Helps, [10, 10, 6, 5, 75.0], NextBatch::AsWhereItWorked, Fact::Hardness],
    'worked where the glass stayed even' => [VerdictReason::Helps, [10, 10, 6, 5, 55.0], NextBatch::AsWhereItWorked, Fact::StandTest],
    'worked with half a litre a plant' => [VerdictReason::Helps, [10, 10, 6, 5, 60.0], NextBatch::AsWhereItWorked, Fact::Cover],
]);

it('says it in one sentence of under 25 words', function (): void {
    foreach (NextBatch::cases() as $next) {
        foreach ([1, 5] as $judged) {
            $record = new RecordFacts(new RecordTally(6, $judged, 1, 1, $judged, 0, 0, 0, 0, 0, 0), null, 50.0, null, 50.0, Sureness::cases()[0], VerdictReason::Helps, null);
            $said = RecordWords::next($next, $record, [wentWith(Fact::Cover)]);
            expect(str_word_count($said))->toBeLessThan(25, $said)->and(substr_count($said, '.'))->toBe(1, $said)->and($said)->not->toContain('{');
        }
    }
});

it('names the side on which it worked', function (): void {
    $record = new RecordFacts(new RecordTally(10, 10, 6, 5, 10, 0, 0, 0, 0, 0, 0), null, 60.0, null, 60.0, Sureness::cases()[0], VerdictReason::Helps, null);
    $worse = new Association(Fact::Hardness, 1, 5, 5, 5, -0.8, -1.0, -0.3);
    expect(RecordWords::next(NextBatch::AsWhereItWorked, $record, [wentWith(Fact::Cover)]))->toBe('Do it as in the rounds that worked: with half a litre a plant and more.')
        ->and(RecordWords::next(NextBatch::AsWhereItWorked, $record, [$worse]))->toBe('Do it as in the rounds that worked: in softer water.');
});
