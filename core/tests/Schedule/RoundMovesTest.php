<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Weather\HourVerdict;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Wording\MoveWords;

function utc(string $at): DateTimeImmutable
{
    return new DateTimeImmutable($at, new DateTimeZone('UTC'));
}

function windowOf(string $from, string $to, HourVerdict $verdict = HourVerdict::Good): Window
{
    return new Window(utc($from)->getTimestamp(), utc($to)->getTimestamp(), $verdict, null);
}

/*
 * A week between rounds; the last was on 1 June at 20:00, so the next is planned for the 8th at 20:00. Written down before the code;
 * common practice, no source: what is washed off is sprayed again once it is dry, but not before the leaf bears it; one clean look
 * stretches to ten days, two end it; a leaf test is waited for; no round in an hour that is neither good nor workable. A week
 * after is a day, not an hour: where the hour of the last time is dark or too hot by now, the nearest of that day does.
 */
it('moves the next round, and says why', function (array $facts, string $now, ?string $at, array $codes): void {
    $time = static fn(string $key): ?DateTimeImmutable => isset($facts[$key]) && is_string($facts[$key]) ? utc($facts[$key]) : null;
    $windows = null;
    if (isset($facts['windows']) && is_array($facts['windows'])) {
        $windows = [];
        foreach ($facts['windows'] as $one) {
            assert(is_array($one) && is_string($one[0]) && is_string($one[1]));
            $windows[] = windowOf($one[0], $one[1]);
        }
    }
    $bloom = is_array($facts['bloom'] ?? null) && is_string($facts['bloom'][1]) ? [is_string($facts['bloom'][0]) ? utc($facts['bloom'][0]) : null, utc($facts['bloom'][1])] : null;
    $due = RoundMoves::of($time('planned') ?? utc('2026-06-08T20:00'), new RoundFacts(
        utc('2026-06-01T20:00'),
        $time('earliest') ?? utc('2026-06-02T20:00'),
        $time('washed'),
        is_int($facts['clean'] ?? null) ? $facts['clean'] : 0,
        $time('test'),
        $windows,
        utc('2026-06-14T00:00'),
        $time('rests'),
        blooms: $bloom,
        dryUntil: $time('dry'),
    ), utc($now));
    expect([$due->at?->format('Y-m-d H:i'), array_map(static fn(MovedDate $one): string => $one->code, $due->moves)])->toBe([$at, $codes]);
    foreach ($due->moves as $move) {
        expect(preg_match('/\A[^{}]+\z/', MoveWords::shipped()->move($move)))->toBe(1);
    }
})->with([
    'nothing in the way' => [[], '2026-06-07T08:00', '2026-06-08 20:00', []],
    'rain washed it off: again once dry' => [['washed' => '2026-06-02T02:00'], '2026-06-02T09:00', '2026-06-02 20:00', ['washed-off']],
    'rain washed it off two days later' => [['washed' => '2026-06-03T02:00'], '2026-06-03T09:00', '2026-06-03 05:00', ['washed-off']],
    'rain washed off oil, which the leaf bears only once a week' => [['washed' => '2026-06-02T02:00', 'earliest' => '2026-06-08T20:00'], '2026-06-02T09:00', '2026-06-08 20:00', []],
    'one clean look: ten days' => [['clean' => 1], '2026-06-07T08:00', '2026-06-11 20:00', ['one-clean-look']],
    'two clean looks end it' => [['clean' => 2], '2026-06-07T08:00', null, ['two-clean-looks']],
    'a leaf test runs until the 10th' => [['test' => '2026-06-10T09:00'], '2026-06-07T08:00', '2026-06-10 09:00', ['leaf-test']],
    'a leaf test that is over before' => [['test' => '2026-06-05T09:00'], '2026-06-07T08:00', '2026-06-08 20:00', []],
    'in bloom until the 10th: the day after, at its hour' => [['bloom' => ['2026-06-05', '2026-06-10']], '2026-06-07T08:00', '2026-06-11 20:00', ['in-bloom']],
    'in bloom up to that very day' => [['bloom' => [null, '2026-06-08']], '2026-06-07T08:00', '2026-06-09 20:00', ['in-bloom']],
    'it blooms from the day after' => [['bloom' => ['2026-06-09', '2026-06-20']], '2026-06-07T08:00', '2026-06-08 20:00', []],
    'it bloomed until the day before' => [['bloom' => ['2026-06-01', '2026-06-07']], '2026-06-07T08:00', '2026-06-08 20:00', []],
    'overdue, and in bloom since' => [['bloom' => ['2026-06-09', '2026-06-15']], '2026-06-10T10:00', '2026-06-16 20:00', ['in-bloom']],
    'burnt, and in bloom once it has rested' => [['rests' => '2026-06-12T20:00', 'bloom' => ['2026-06-10', '2026-06-20']], '2026-06-07T08:00', '2026-06-21 20:00', ['burnt', 'in-bloom']],
    'after the flowers no hour this week' => [['bloom' => ['2026-06-05', '2026-06-10'], 'windows' => [['2026-06-08T18:00', '2026-06-08T22:00']]], '2026-06-07T08:00', '2026-06-14 00:00', ['in-bloom', 'no-hour-this-week']],
    'no hour on its day, and in bloom on the next that has one' => [['bloom' => ['2026-06-09', '2026-06-10'], 'windows' => [['2026-06-09T18:00', '2026-06-09T22:00'], ['2026-06-12T18:00', '2026-06-12T22:00']]], '2026-06-07T08:00', '2026-06-12 18:00', ['in-bloom', 'no-good-hour']],
    'the same, and an hour on the day after the flowers' => [['bloom' => ['2026-06-09', '2026-06-10'], 'windows' => [['2026-06-09T18:00', '2026-06-09T22:00'], ['2026-06-11T18:00', '2026-06-11T22:00']]], '2026-06-07T08:00', '2026-06-11 18:00', ['in-bloom']],
    'dry at the root on its day' => [['dry' => '2026-06-09T00:00'], '2026-06-08T08:00', '2026-06-09 20:00', ['dry-root']],
    'dry at the root three days before' => [['dry' => '2026-06-06T00:00'], '2026-06-05T08:00', '2026-06-08 20:00', []],
    'overdue, and dry at the root' => [['dry' => '2026-06-11T00:00'], '2026-06-10T10:00', '2026-06-11 20:00', ['dry-root']],
    'a good hour that evening' => [['windows' => [['2026-06-08T18:00', '2026-06-08T22:00']]], '2026-06-07T08:00', '2026-06-08 20:00', []],
    'a good hour later that evening' => [['windows' => [['2026-06-08T21:00', '2026-06-08T23:00']]], '2026-06-07T08:00', '2026-06-08 21:00', []],
    'good hours that afternoon, and dark by 20:00' => [['windows' => [['2026-06-08T16:00', '2026-06-08T19:00']]], '2026-06-07T08:00', '2026-06-08 18:00', []],
    'good hours that morning only' => [['windows' => [['2026-06-08T05:00', '2026-06-08T08:00'], ['2026-06-09T05:00', '2026-06-09T08:00']]], '2026-06-07T08:00', '2026-06-08 07:00', []],
    'good hours that morning and that evening: the nearer' => [['windows' => [['2026-06-08T05:00', '2026-06-08T08:00'], ['2026-06-08T22:00', '2026-06-08T23:00']]], '2026-06-07T08:00', '2026-06-08 22:00', []],
    'good hours that morning, which are over' => [['windows' => [['2026-06-08T05:00', '2026-06-08T08:00'], ['2026-06-09T18:00', '2026-06-09T22:00']]], '2026-06-08T09:00', '2026-06-09 18:00', ['no-good-hour']],
    'in the midst of the last good hour of that day' => [['windows' => [['2026-06-08T16:00', '2026-06-08T19:00']]], '2026-06-08T18:40', '2026-06-08 18:40', []],
    'a leaf test that runs beyond the good hours of that day' => [['test' => '2026-06-10T09:00', 'windows' => [['2026-06-10T05:00', '2026-06-10T08:00'], ['2026-06-11T05:00', '2026-06-11T08:00']]], '2026-06-07T08:00', '2026-06-11 05:00', ['leaf-test', 'no-good-hour']],
    'no good hour until the 10th' => [['windows' => [['2026-06-07T18:00', '2026-06-07T22:00'], ['2026-06-10T05:00', '2026-06-10T08:00']]], '2026-06-07T08:00', '2026-06-10 05:00', ['no-good-hour']],
    'no good hour in the week' => [['windows' => []], '2026-06-07T08:00', '2026-06-14 00:00', ['no-hour-this-week']],
    'overdue, and a good hour today' => [['windows' => [['2026-06-09T18:00', '2026-06-09T22:00']]], '2026-06-09T08:00', '2026-06-08 20:00', []],
    'overdue, and none today' => [['windows' => [['2026-06-11T18:00', '2026-06-11T22:00']]], '2026-06-09T08:00', '2026-06-11 18:00', ['no-good-hour']],
    'beyond what is forecast' => [['planned' => '2026-06-20T20:00', 'windows' => []], '2026-06-07T08:00', '2026-06-20 20:00', []],
    'a clean look, a test and the weather, one after the other' => [['clean' => 1, 'test' => '2026-06-12T09:00', 'windows' => [['2026-06-13T05:00', '2026-06-13T08:00']]], '2026-06-07T08:00', '2026-06-13 05:00', ['one-clean-look', 'leaf-test', 'no-good-hour']],
]);

// Written before: what is mixed and not sprayed yet goes by the hours as any other round does (common practice, no source).
it('puts a first round off where its day has no hour', function (array $windows, string $at, array $codes): void {
    $hours = array_map(static fn(mixed $one): Window => is_array($one) && is_string($one[0]) && is_string($one[1]) ? windowOf($one[0], $one[1]) : throw new LogicException('No window.'), array_values($windows));
    $due = RoundMoves::of(utc('2026-06-07T07:30'), new RoundFacts(null, utc('2026-06-07T07:30'), null, 0, null, $hours, utc('2026-06-14T00:00')), utc('2026-06-07T12:00'));
    expect([$due->at?->format('Y-m-d H:i'), array_map(static fn(MovedDate $one): string => $one->code, $due->moves)])->toBe([$at, $codes]);
})->with([
    'good hours that evening: it is for today' => [[['2026-06-07T18:00', '2026-06-07T21:00']], '2026-06-07 07:30', []],
    'none before the 9th' => [[['2026-06-09T05:00', '2026-06-09T08:00']], '2026-06-09 05:00', ['no-good-hour']],
    'none in the week' => [[], '2026-06-14 00:00', ['no-hour-this-week']],
]);

it('never sets a round into an hour that is neither good nor workable', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(77));
    $now = utc('2026-06-07T08:00');
    $end = utc('2026-06-14T08:00');
    $moved = 0;
    for ($n = 0; $n < 2000; ++$n) {
        $windows = [];
        for ($at = $now->getTimestamp() + 3600 * $random->getInt(0, 60); $at < $end->getTimestamp() - 40_000; $at += 3600 * $random->getInt(2, 40)) {
            $to = $at + 3600 * $random->getInt(1, 8);
            $windows[] = new Window($at, $to, $random->getInt(0, 1) === 0 ? HourVerdict::Good : HourVerdict::Workable, null);
            $at = $to;
        }
        $planned = $now->modify('+' . $random->getInt(-60, 200) . ' hours');
        $due = RoundMoves::of($planned, new RoundFacts($now->modify('-4 days'), $now->modify('-3 days'), $random->getInt(0, 3) === 0 ? $now->modify('-80 hours') : null, $random->getInt(0, 1), null, $windows, $end), $now);
        $at = $due->at?->getTimestamp() ?? 0;
        $inside = array_filter($windows, static fn(Window $one): bool => $one->from <= $at && $at < $one->to);
        // Overdue stays overdue while its hour is still to come today.
        $today = array_filter($windows, static fn(Window $one): bool => $one->to > $now->getTimestamp() && gmdate('Y-m-d', $one->from) === '2026-06-07');
        expect($inside !== [] || $at >= $end->getTimestamp() || ($at < $now->getTimestamp() && $today !== []))->toBeTrue("case {$n}");
        $moved += $due->moves === [] ? 0 : 1;
    }
    expect($moved)->toBeGreaterThan(500);
});
