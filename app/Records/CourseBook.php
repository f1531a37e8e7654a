<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\Course;
use App\Models\CourseLook;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Words\Say;

/** Keeps courses of many plants: which plants are on one, and the looks over all of them. Call it inside a transaction. */
final readonly class CourseBook
{
    public function __construct(private CaseOpener $opener, private HourNow $weather) {}

    /**
     * @param array<string, mixed>       $columns
     * @param list<Plant>                $plants
     * @param list<array<string, mixed>> $fresh   columns of plants that are not here yet
     *
     * @return array{Course, bool} the course, and whether it was begun now
     */
    public function begin(Submitted $submitted, array $columns, array $plants, array $fresh): array
    {
        return Submissions::of(Course::query(), $submitted, $columns, static function (Course $course) use ($submitted, $plants, $fresh): void {
            foreach ($fresh as $i => $columns) {
                $plants[] = Plant::query()->create([...$submitted->part($i + 1)->columns(), ...$columns]);
            }
            foreach ($plants as $plant) {
                self::joins($course, $plant, $course->begun_at);
            }
        });
    }

    /** @param list<Plant> $plants those that are on it from now on; the others leave, and what they had stays */
    public function keepOn(Course $course, array $plants, DateTimeImmutable $now): void
    {
        $kept = array_map(static fn(Plant $plant): int => $plant->id, $plants);
        $was = $course->cases->keyBy('plant_id');
        foreach ($course->cases as $case) {
            if ($case->closed_at === null && ! in_array($case->plant_id, $kept, true)) {
                $case->update(['closed_at' => $now, 'version' => $case->version + 1]);
            }
        }
        foreach ($plants as $plant) {
            $case = $was[$plant->id] ?? null;
            if ($case === null) {
                self::joins($course, $plant, $now);
            } elseif ($case->closed_at !== null) {
                // Who comes back to those that stand apart comes anew; what was sprayed on it before was on it then.
                $case->update(['closed_at' => null, 'conclusion' => '', 'version' => $case->version + 1, ...(CoursesAhead::isApart($course) && $case->rounds->isEmpty() ? ['opened_at' => $now] : [])]);
            }
        }
    }

    /**
     * A look over all plants that are on it. Where something was found, the plant leaves the course for a case of its own; the others are
     * looked over together, not one by one.
     *
     * @param list<array{case: PestCase, pest: string, count: float|null}> $found
     * @param bool                                                         $all   whether the others were looked at, too
     *
     * @return array{CourseLook, bool}
     */
    public function look(Submitted $submitted, Course $course, DateTimeImmutable $at, array $found, bool $all, DateTimeImmutable $now): array
    {
        $on = $course->cases->filter(static fn(PestCase $case): bool => $case->closed_at === null);
        $columns = ['course_id' => $course->id, 'looked_at' => $at, 'plants' => $all ? $on->count() : count($found), 'found' => count($found)];

        return Submissions::of(CourseLook::query(), $submitted, $columns, function () use ($submitted, $found, $on, $at, $now): void {
            $together = array_values($on->map(static fn(PestCase $case): int => $case->plant_id)->all());
            foreach ($found as $i => ['case' => $was, 'pest' => $pest, 'count' => $count]) {
                [$case] = $this->opener->open($submitted->part(2 * $i + 1), $was->plant, $pest, $at, '', $together);
                if ($count !== null) {
                    Count::query()->create([...$submitted->part(2 * $i + 2)->columns(), 'case_id' => $case->id, 'counted_at' => $at, 'value' => $count]);
                }
                $was->update(['closed_at' => $now, 'conclusion' => Say::it('records/course-book.found'), 'version' => $was->version + 1]);
            }
        });
    }

    /**
     * Something bought went on all plants that are on it: a round of each.
     *
     * @return bool whether it was kept now
     *
     * @throws Conflict when no plant is on it any more
     */
    public function bought(Submitted $submitted, Course $course, Bought $bought, DateTimeImmutable $at, string $notes): bool
    {
        $cases = CourseRecords::on($course);
        $columns = [...Round::told($bought), 'sprayed_at' => $at, 'notes' => $notes, 'weather' => $this->weather->kept($at)];
        $first = array_shift($cases) ?? throw new Conflict(Say::it('records/course-book.no-plant'));
        [, $new] = Submissions::of(Round::query(), $submitted, ['case_id' => $first->id, ...$columns], static function () use ($submitted, $cases, $columns): void {
            foreach ($cases as $i => $case) {
                Round::query()->create([...$submitted->part($i + 1)->columns(), 'case_id' => $case->id, ...$columns]);
            }
        });

        return $new;
    }

    /** @param int|null $lot what its label says, where it is a plant of a trial */
    public static function joins(Course $course, Plant $plant, DateTimeImmutable $at, ?int $lot = null): void
    {
        PestCase::query()->create(['lot' => $lot, 'submission' => MadeId::of("on {$course->submission} {$plant->submission}"), 'plant_id' => $plant->id, 'pest' => $course->pest, 'course_id' => $course->id, 'opened_at' => $at]);
    }
}
