<?php

declare(strict_types=1);

use IdleMixer\Core\Row\ActAhead;
use IdleMixer\Core\Row\Ending;
use IdleMixer\Core\Row\EndKind;
use IdleMixer\Core\Row\LeafState;
use IdleMixer\Core\Row\Mark;
use IdleMixer\Core\Row\MarkKind;
use IdleMixer\Core\Row\Row;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Row\Trend;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Weather\HourVerdict;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Wording\RowWords;

/*
 * A plant as one strip of time. What it shows is reckoned by hand from what is put in; four weeks back, one week ahead, and all of a
 * course, are the house's own lines.
 */

function rowAt(string $at): DateTimeImmutable
{
    return new DateTimeImmutable($at, new DateTimeZone('UTC'));
}

function hoursFrom(string $from, string $to, HourVerdict $verdict = HourVerdict::Good): Window
{
    return new Window(rowAt($from)->getTimestamp(), rowAt($to)->getTimestamp(), $verdict, null);
}

/** @param array{marks?: list<Mark>, acts?: list<ActAhead>, hours?: list<Window>, ends?: list<Ending>} $has */
function rowOf(array $has, string $now = '2026-06-15T08:00'): Row
{
    return Row::of(Span::usual(rowAt($now)), $has['marks'] ?? [], $has['acts'] ?? [], $has['hours'] ?? [], $has['ends'] ?? []);
}

it('shows what lies in its time, in order', function (): void {
    $row = rowOf([
        'marks' => [
            Mark::round(rowAt('2026-06-08T18:00'), 1, 'Neem'), Mark::count(rowAt('2026-06-07T09:00'), 1, 58.0),
            // Older than four weeks, and not yet.
            Mark::count(rowAt('2026-05-18T07:59'), 1, 90.0), Mark::count(rowAt('2026-06-15T08:01'), 1, 3.0), Mark::count(rowAt('2026-05-18T08:00'), 2, 7.0),
        ],
        'ends' => [new Ending(rowAt('2026-06-22T08:01'), EndKind::Harvest), new Ending(rowAt('2026-06-18T00:00'), EndKind::Bloom), new Ending(rowAt('2026-06-15T08:00'), EndKind::Rest)],
    ]);
    expect(array_map(static fn(Mark $one): string => "{$one->kind->value} {$one->at->format('d.m.')}", $row->marks))->toBe(['count 18.05.', 'count 07.06.', 'round 08.06.'])
        ->and(array_map(static fn(Mark $one): ?float => $one->value, $row->marks(MarkKind::Count, 1)))->toBe([58.0])
        ->and(array_map(static fn(Ending $one): string => $one->kind->value, $row->ends))->toBe(['bloom']);
});

it('cuts hours at now and at its end', function (): void {
    $row = rowOf(['hours' => [hoursFrom('2026-06-15T06:00', '2026-06-15T07:00'), hoursFrom('2026-06-15T07:00', '2026-06-15T10:00', HourVerdict::Workable), hoursFrom('2026-06-16T07:00', '2026-06-16T10:00'), hoursFrom('2026-06-22T06:00', '2026-06-22T12:00'), hoursFrom('2026-06-23T06:00', '2026-06-23T12:00')]]);
    expect(array_map(static fn(Window $one): string => gmdate('d. H:i', $one->from) . ' to ' . gmdate('H:i', $one->to), $row->hours))->toBe(['15. 08:00 to 10:00', '16. 07:00 to 10:00', '22. 06:00 to 08:00'])
        // Good ones before workable ones, however soon.
        ->and(gmdate('d.', $row->hours()->from ?? 0))->toBe('16.')
        ->and(rowOf([])->hours())->toBeNull();
});

it('has what comes first first, overdue or far off', function (): void {
    $row = rowOf(['acts' => [new ActAhead(rowAt('2026-08-01T08:00'), TaskKind::NextRound, 4), new ActAhead(rowAt('2026-06-13T08:00'), TaskKind::CountAfter, 4)]]);
    expect($row->next()?->kind)->toBe(TaskKind::CountAfter)->and($row->isDue($row->acts[0]))->toBeTrue()->and($row->isDue($row->acts[1]))->toBeFalse()
        ->and($row->acts)->toHaveCount(2)->and(rowOf([])->next())->toBeNull();
});

it('shows a whole course from its first day to its last, within bounds', function (?string $first, ?string $last, string $from, string $until): void {
    $span = Span::whole(rowAt('2026-06-15T08:00'), $first === null ? null : rowAt($first), $last === null ? null : rowAt($last));
    expect([$span->from->format('Y-m-d'), $span->until->format('Y-m-d')])->toBe([$from, $until]);
})->with([
    'nothing yet' => [null, null, '2026-05-18', '2026-06-22'],
    'a week of it' => ['2026-06-08T08:00', '2026-06-16T08:00', '2026-05-18', '2026-06-22'],
    'a season' => ['2026-03-01T08:00', '2026-07-10T08:00', '2026-02-28', '2026-07-11'],
    'laid out for a year' => ['2026-03-01T08:00', '2027-03-01T08:00', '2026-02-28', '2026-08-14'],
]);

// Three words beside the name of a plant: by the last two counts of what is sprayed.
it('says where the counts are going', function (array $counts, Trend $trend, string $words): void {
    $counts = array_values(array_map(static fn(mixed $one): float => is_float($one) ? $one : 0.0, $counts));
    expect(Trend::of($counts))->toBe($trend)->and((new RowWords())->trend($trend, 'Aphids'))->toBe($words);
})->with([
    'nobody counted' => [[], Trend::Uncounted, 'Aphids, not counted'],
    'once' => [[40.0], Trend::Once, 'Aphids, counted once'],
    'fewer' => [[10.0, 40.0, 21.0], Trend::Falling, 'Aphids, falling'],
    'more' => [[40.0, 10.0, 11.0], Trend::Rising, 'Aphids, rising'],
    'as many' => [[9.0, 9.0], Trend::Same, 'Aphids, the same'],
    'none' => [[40.0, 0.0], Trend::Gone, 'Aphids, none left'],
    'none from the start' => [[0.0], Trend::Gone, 'Aphids, none left'],
]);

// What a screen reader says instead of the drawing; written down from the drawing, by the clock of the place.
it('says all of it to whoever does not see it', function (array $has, array $troubles, string $said): void {
    /** @var array{marks?: list<Mark>, acts?: list<ActAhead>, hours?: list<Window>, ends?: list<Ending>} $has */
    /** @var array<int, string> $troubles */
    expect((new RowWords())->whole(rowOf($has), $troubles, new DateTimeZone('Europe/Vienna')))->toBe($said);
})->with([
    'nothing' => [[], [], 'No round.'],
    'mites on a lemon' => [
        ['marks' => [Mark::count(rowAt('2026-05-25T08:00'), 4, 58.0), Mark::count(rowAt('2026-06-01T08:00'), 4, 21.0), Mark::count(rowAt('2026-06-08T08:00'), 4, 11.0), Mark::round(rowAt('2026-05-25T18:00'), 4, 'Neem'), Mark::round(rowAt('2026-06-01T18:00'), 4, 'Neem'), Mark::round(rowAt('2026-06-08T18:00'), 4, 'Neem')], 'acts' => [new ActAhead(rowAt('2026-06-14T18:00'), TaskKind::CountAfter, 4)], 'hours' => [hoursFrom('2026-06-15T16:00', '2026-06-15T19:00')]],
        [4 => 'Spider mites'],
        'Spider mites: 58, 21, 11. 3 rounds, the last on Mon 8 Jun. Count spider mites: due since Sun 14 Jun. Next good hours: Mon 15 Jun, 18:00 to 21:00.',
    ],
    'many counts, and none of another' => [
        ['marks' => array_map(static fn(int $day): Mark => Mark::count(rowAt("2026-06-0{$day}T08:00"), 4, 10.0 * $day), [1, 2, 3, 4, 5, 6])],
        [4 => 'Aphids', 5 => 'Powdery mildew'],
        'Aphids: 10, 40, 50, 60; 6 counts in all. Powdery mildew: not counted. No round.',
    ],
    'burnt, tested, in flower' => [
        ['marks' => [Mark::round(rowAt('2026-06-08T18:00'), 4, 'Kitchen oil'), Mark::burn(rowAt('2026-06-10T08:00'), 'Kitchen oil', 30.0), Mark::test(rowAt('2026-06-12T08:00'), 'Half of it', true), Mark::test(rowAt('2026-06-14T08:00'), 'All of it', null)], 'acts' => [new ActAhead(rowAt('2026-06-16T06:00'), TaskKind::ReadLeafTest, 9)], 'hours' => [hoursFrom('2026-06-16T20:00', '2026-06-17T01:00', HourVerdict::Workable)], 'ends' => [new Ending(rowAt('2026-06-18T00:00'), EndKind::Bloom)]],
        [],
        'One round, Mon 8 Jun. Leaves burnt, seen on Wed 10 Jun: 30 %. Leaf test with Half of it: clean. Leaf test with All of it: not read to the end. Look at the test leaves: Tue 16 Jun, 08:00. Next workable hours: Tue 16 Jun, 22:00 to Wed 17 Jun, 03:00. In bloom until Thu 18 Jun.',
    ],
    // Whether anything is sprayed at all is not said before somebody has decided it: what is mixed is.
    'not decided yet' => [['acts' => [new ActAhead(rowAt('2026-06-15T06:00'), TaskKind::FirstRound, 4)]], [4 => 'Whitefly'], 'Whitefly: not counted. No round. Decide on whitefly: due now.'],
    'mixed, and due this morning' => [['acts' => [new ActAhead(rowAt('2026-06-15T06:00'), TaskKind::FirstRound, 4, mixed: true)]], [4 => 'Whitefly'], 'Whitefly: not counted. No round. Spray whitefly: due now.'],
]);

it('draws the leaf of what rests as burnt, whatever else is on it', function (): void {
    expect(LeafState::of(true, 2))->toBe(LeafState::Burnt)->and(LeafState::of(true, 0))->toBe(LeafState::Burnt)->and(LeafState::of(false, 1))->toBe(LeafState::Troubled)->and(LeafState::of(false, 0))->toBe(LeafState::Clean);
});

// A case may be closed for many reasons: clean is what was counted and none left.
it('says since when a plant is clean, and only where it was counted so', function (): void {
    $words = new RowWords();
    $closed = rowAt('2026-03-28T23:30');
    expect($words->over(Trend::Gone, $closed, new DateTimeZone('Europe/Vienna')))->toBe('clean since 29 Mar')
        ->and($words->over(Trend::Falling, $closed, new DateTimeZone('Europe/Vienna')))->toBe('closed on 29 Mar')
        ->and($words->over(Trend::Uncounted, $closed, new DateTimeZone('UTC')))->toBe('closed on 28 Mar')
        ->and($words->nothing())->toBe('nothing on it');
});
