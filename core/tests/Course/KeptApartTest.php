<?php

declare(strict_types=1);

use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\CourseState;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Wording\CourseWords;

/** @param array<mixed> $looks by day: whether nothing was found */
function keptApart(array $looks, int $today, int $newest = 0): Course
{
    $record = array_map(static fn(int|string $day, mixed $clean): Recorded => new Recorded((int) $day, RecordKind::Look, clean: $clean === true), array_keys($looks), $looks);

    return CoursePlanner::shipped()->plan(new CourseAsk(null, new PlantNow(), [], Pressure::Prevention, $today, record: $record, newest: $newest));
}

/** @return list<int> days of the looks to come */
function looksAhead(Course $course): array
{
    return array_values(array_map(static fn(Act $act): int => $act->day, array_filter($course->entries, static fn(Act $act): bool => ! $act->done && $act->kind === ActKind::Look)));
}

/*
 * Newcomers stand apart for three to four weeks, four here, and are looked over as they come and once a week; what is found on one begins
 * the weeks of the others anew, since it may have walked over, and they are looked at some days later. They are clear by a clean look once
 * the weeks are over, and by nothing else. Common practice, no source. Written down before the rule.
 *
 * Columns: clean looks and finds by day, today, the looks to come, whether they are clear.
 */
it('looks over what is kept apart once a week, and lets it go after four weeks without a find', function (array $looks, int $today, array $ahead, bool $clear, int $newest = 0): void {
    $course = keptApart($looks, $today, $newest);
    expect(looksAhead($course))->toBe($ahead)
        ->and($course->state)->toBe($clear ? CourseState::End : CourseState::GoOn)
        ->and(array_map(static fn(Act $act): int => $act->day, $course->next))->toBe(array_slice($ahead, 0, 1))
        ->and(array_filter($course->entries, static fn(Act $act): bool => $act->kind === ActKind::Round))->toBe([])
        ->and(count(array_filter($course->entries, static fn(Act $act): bool => $act->done)))->toBe(count(array_filter(array_keys($looks), static fn(int $day): bool => $day <= $today)));
})->with([
    'they come' => [[], 0, [0, 7, 14, 21, 28], false],
    'nobody looked as they came' => [[], 3, [3, 10, 17, 24, 28], false],
    'looked over as they came' => [[0 => true], 0, [7, 14, 21, 28], false],
    'between two looks' => [[0 => true, 7 => true], 10, [14, 21, 28], false],
    'the day of the next' => [[0 => true, 7 => true], 14, [14, 21, 28], false],
    'the next is late' => [[0 => true, 7 => true], 17, [17, 24, 28], false],
    'looked a day early' => [[0 => true, 6 => true], 6, [13, 20, 27, 28], false],
    'three clean weeks' => [[0 => true, 7 => true, 14 => true, 21 => true], 21, [28], false],
    'four clean weeks' => [[0 => true, 7 => true, 14 => true, 21 => true, 28 => true], 28, [], true],
    'clear, some days later' => [[0 => true, 7 => true, 14 => true, 21 => true, 28 => true], 33, [], true],
    'a week is up, and nobody looked' => [[0 => true, 7 => true, 14 => true, 21 => true], 30, [30], false],
    'nobody looked for three weeks' => [[0 => true, 7 => true], 31, [31], false],
    'looked late, and clean' => [[0 => true, 7 => true, 31 => true], 31, [], true],
    'found on one: the others some days later, then weekly, for four weeks' => [[0 => true, 7 => false], 7, [10, 17, 24, 31, 35], false],
    'found on one as they came' => [[0 => false], 0, [3, 10, 17, 24, 28], false],
    'found, clean since' => [[0 => true, 7 => false, 10 => true], 10, [17, 24, 31, 35], false],
    'found in the last week' => [[0 => true, 7 => true, 14 => true, 21 => true, 28 => false], 28, [31, 38, 45, 52, 56], false],
    'found, four clean weeks since' => [[0 => true, 7 => false, 10 => true, 17 => true, 24 => true, 31 => true, 35 => true], 35, [], true],
    'four weeks from the start are not four since the find' => [[0 => true, 7 => false, 10 => true, 17 => true, 24 => true, 28 => true], 28, [35], false],
    'found twice' => [[0 => false, 3 => true, 10 => false], 10, [13, 20, 27, 34, 38], false],
    'one more came' => [[0 => true, 7 => true], 12, [12, 19, 26, 33, 39], false, 11],
    'one more came, and was looked over with the others' => [[0 => true, 7 => true, 11 => true], 12, [18, 25, 32, 39], false, 11],
    'one more came when the others were nearly clear' => [[0 => true, 7 => true, 14 => true, 21 => true, 28 => true], 28, [35, 42, 49, 53], false, 25],
    'a find tells of nothing beyond today' => [[0 => true, 7 => true, 9 => false], 8, [14, 21, 28], false],
]);

it('says until when they stand apart, and why', function (array $looks, int $today, string $says): void {
    expect(CourseWords::shipped()->because(keptApart($looks, $today), static fn(int $day): string => "day {$day}"))->toBe($says);
})->with([
    'they come' => [[], 0, 'They stand apart until day 28, and are looked over once a week. A find begins the four weeks anew.'],
    'found' => [[0 => true, 7 => false], 9, 'Something was found on day 7, so the four weeks began anew: the others stand apart until day 35.'],
    'the last day' => [[0 => true, 21 => true], 28, 'They stand apart until day 28, and are looked over once a week. A find begins the four weeks anew.'],
    'over, and nobody looked' => [[0 => true, 21 => true], 30, 'Four weeks are over, and the last look is due: clean, they may stand with the others.'],
    'found, over, and nobody looked' => [[0 => true, 7 => false], 36, 'Four weeks are over, and the last look is due: clean, they may stand with the others.'],
    'clear' => [[0 => true, 7 => true, 14 => true, 21 => true, 29 => true], 30, 'Four weeks without a find, and clean on day 29: they may stand with the others.'],
]);

it('has a sentence for each look', function (): void {
    $words = CourseWords::shipped();
    $course = keptApart([0 => true, 7 => false, 10 => true], 10);
    expect(array_map(static fn(Act $act): string => $words->act($act, $course), $course->entries))->toBe([
        'Day 0: looked, and nothing was there.',
        'Day 7: looked, and something was there.',
        'Day 10: looked, and nothing was there.',
        'Day 17: look once a week while they stand apart.',
        'Day 24: look once a week while they stand apart.',
        'Day 31: look once a week while they stand apart.',
        'Day 35: look for the last time. Clean, they may stand with the others.',
    ])
        ->and($words->act(keptApart([], 0)->next[0], $course))->toBe('Day 0: look them over as they come: undersides, stems, soil.')
        ->and($words->act(keptApart([0 => true], 9)->next[0], $course))->toBe('Day 9: look them over, it was due before.')
        ->and($words->act(keptApart([0 => true], 30)->next[0], $course))->toBe('Day 30: look for the last time. Clean, they may stand with the others.')
        ->and($words->act(keptApart([0 => false], 1)->next[0], $course))->toBe('Day 3: something was found on one of them: look over all the others.');
});
