<?php

declare(strict_types=1);

use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Wording\CourseWords;

/*
 * Something bought in the place of a round: what comes next is decided on a week later, unless the gardener named other days, and never
 * sooner than the programme has it anyway. Where insects were set out, what wets leaves waits two weeks. Common practice, no source; days
 * reckoned by hand before the rule. Prevention with neem by the gallon comes every 14 days.
 *
 * On the day itself, and later, nothing holds it back any more, and the course says what it always says.
 *
 * Columns: rounds of our own, what was bought, where insects were set out, today, days that the gardener wants, the next round, why.
 */
it('goes on a week after something bought, and two after insects were set out', function (array $own, array $bought, array $out, int $today, ?int $every, int $next, string $because): void {
    /**
     * @var list<int> $own
     * @var list<int> $bought
     * @var list<int> $out
     */
    $record = [
        ...array_map(static fn(int $day): Recorded => new Recorded($day, RecordKind::Round, 'neem-by-the-gallon'), $own),
        ...array_map(static fn(int $day): Recorded => new Recorded($day, RecordKind::Bought, name: 'Green jug'), $bought),
        ...array_map(static fn(int $day): Recorded => new Recorded($day, RecordKind::SetOut, name: 'Lacewings'), $out),
    ];
    usort($record, static fn(Recorded $a, Recorded $b): int => $a->day <=> $b->day);
    $method = CourseMethods::shipped()->of(RecipeCatalogue::shipped()->get('neem-by-the-gallon'), null, null, new PlantNow());
    $course = CoursePlanner::shipped()->plan(new CourseAsk(null, new PlantNow(), [$method], Pressure::Prevention, $today, everyDays: $every, record: $record));
    $ahead = array_values(array_filter($course->entries, static fn(Act $act): bool => ! $act->done && $act->kind === ActKind::Round));
    $drawn = array_values(array_filter($course->entries, static fn(Act $act): bool => $act->kind === ActKind::Bought));
    expect([$ahead[0]->day ?? null, $course->because])->toBe([$next, $because])
        ->and(array_map(static fn(Act $act): int => $act->day, $drawn))->toEqualCanonicalizing([...$bought, ...$out])
        ->and(array_filter($drawn, static fn(Act $act): bool => ! $act->done))->toBe([])
        ->and(CourseWords::shipped()->because($course, static fn(int $day): string => "day {$day}"))->not->toBe('');
})->with([
    'nothing bought' => [[0], [], [], 5, null, 14, 'prevention-goes-on'],
    'bought, and a week after it comes before the next' => [[0], [2], [], 5, null, 14, 'prevention-goes-on'],
    'bought, and a week after it is the day of the next' => [[0], [7], [], 8, null, 14, 'prevention-goes-on'],
    'bought a day later than that' => [[0], [8], [], 9, null, 15, 'after-bought'],
    'bought ten days after the round' => [[0], [10], [], 11, null, 17, 'after-bought'],
    'bought twice' => [[0], [10, 15], [], 16, null, 22, 'after-bought'],
    'the days that the gardener named' => [[0], [10], [], 11, 10, 20, 'after-bought'],
    'bought before the last round of our own' => [[0, 14], [10], [], 15, null, 28, 'prevention-goes-on'],
    'bought before the first round' => [[], [0], [], 1, null, 7, 'after-bought'],
    'a week after it is over, and the next was due' => [[0], [10], [], 19, null, 19, 'prevention-goes-on'],
    'the day that it is due' => [[0], [10], [], 17, null, 17, 'prevention-goes-on'],
    'insects were set out' => [[0], [], [10], 11, null, 24, 'insects-out'],
    'insects were set out long before the next' => [[0], [], [1], 5, null, 15, 'insects-out'],
    'their two weeks are over' => [[0], [], [0], 13, null, 14, 'prevention-goes-on'],
    'insects before the first round' => [[], [], [0], 3, null, 14, 'insects-out'],
    'both' => [[0], [12], [11], 13, null, 25, 'insects-out'],
]);
