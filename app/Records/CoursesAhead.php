<?php

declare(strict_types=1);

namespace App\Records;

use App\Declared\Values\Slugs;
use App\Models\Course;
use App\Models\PestCase;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CourseMethod;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\CourseState;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Schedule\BestHours;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Words\Say;

/** Asks core what comes next of courses of many plants: Today, their page and the calendar read it here. */
final readonly class CoursesAhead
{
    private const WITH = ['cases.plant', 'cases.rounds:id,case_id,batch_id,bought_kind,bought_name,bought_holds,sprayed_at', 'cases.rounds.batch:id,recipe_version_id', 'cases.rounds.batch.recipeVersion:id,recipe_id', 'cases.rounds.batch.recipeVersion.recipe', 'looks'];

    public function __construct(private RecipeShelf $shelf, private CoursePlanner $planner, private CourseMethods $methods, private ToleranceCatalogue $classes, private TroubleCatalogue $troubles, private SprayWants $wants, private GardenBook $garden, private GoodHours $hours, private RainedOff $rain, private OwnDays $ownDays) {}

    /**
     * @param list<int>|null $only null for every course that is open
     *
     * @return array<int, LaidCourse> by its id
     */
    public function open(DateTimeImmutable $now, ?array $only = null): array
    {
        $hours = $this->hours->at($now);
        $all = [];
        $courses = array_values(Course::query()->whereNull('ended_at')->whereNull('trial_id')->when($only !== null, static fn($those) => $those->whereIn('id', $only))->with(self::WITH)->orderBy('id')->get()->all());
        $records = new CourseRecords($courses, $this->rain, $this->wants, $now);
        foreach ($courses as $course) {
            $laid = $this->laid($course, $records, $hours, $now);
            if ($laid !== null) {
                $all[$course->id] = $laid;
            }
        }

        return $all;
    }

    /** Null where no plant is on it any more, or none of its recipes is known; of a side of a trial, too: the plan of the trial says what comes next there. */
    public function of(Course $course, DateTimeImmutable $now): ?LaidCourse
    {
        if ($course->trial_id !== null) {
            return null;
        }
        $course->loadMissing(self::WITH);

        return $this->laid($course, new CourseRecords([$course], $this->rain, $this->wants, $now), $this->hours->at($now), $now);
    }

    /** @return list<Task> what a course asks for: its next round, and its next look where that comes before it; or that its plants may stand with the others */
    public function tasks(int $id, LaidCourse $laid): array
    {
        $round = self::first($laid, ActKind::Round);
        $look = self::first($laid, ActKind::Look);
        if ($laid->looked !== null && $laid->course->state === CourseState::End && $laid->course->next === []) {
            return [new Task(TaskKind::CourseClear, $id, $laid->about, $laid->looked)];
        }

        return [
            ...($round === null ? [] : [(new Task(TaskKind::CourseRound, $id, $laid->about, $laid->at($round)))->in($round->from === null || $round->to === null ? null : new BestHours($round->from, $round->to), array_values(array_filter($laid->hours, static fn(Window $one): bool => $one->from >= ($round->from?->getTimestamp() ?? \PHP_INT_MAX))))]),
            ...($look === null || ($round !== null && $look->day >= $round->day) ? [] : [new Task(TaskKind::CourseLook, $id, $laid->about, $laid->at($look))]),
        ];
    }

    private static function first(LaidCourse $laid, ActKind $kind): ?Act
    {
        return array_values(array_filter($laid->course->next, static fn(Act $one): bool => $one->kind === $kind))[0] ?? null;
    }

    /** @return list<Recipe> that its methods name, in turn, as each is now */
    public function recipes(Course $course): array
    {
        return $this->shelf->named(self::slugs($course));
    }

    /** Whether its plants stand apart: nothing is sprayed on them. */
    public static function isApart(Course $course): bool
    {
        return $course->trial_id === null && self::slugs($course) === [];
    }

    /**
     * @param list<int> $plants
     *
     * @return array<int, Course> on which they stand apart from the others now, by plant
     */
    public static function apart(array $plants): array
    {
        $apart = [];
        foreach (PestCase::any(PestCase::query())->whereIn('plant_id', $plants)->whereNull('closed_at')->whereHas('course', static fn($course) => $course->whereNull('ended_at')->whereNull('trial_id'))->with('course')->get(['id', 'plant_id', 'course_id']) as $case) {
            if ($case->course !== null && self::isApart($case->course)) {
                $apart[$case->plant_id] = $case->course;
            }
        }

        return $apart;
    }

    /** @return list<string> */
    public static function slugs(Course $course): array
    {
        return Slugs::read(JsonText::kept($course->methods));
    }

    private function laid(Course $course, CourseRecords $records, GoodHours $hours, DateTimeImmutable $now): ?LaidCourse
    {
        $on = CourseRecords::on($course);
        $trouble = $course->pest === '' ? null : $this->troubles->trouble($course->pest);
        $plant = ($on[0] ?? null)?->plant;
        $is = $plant === null ? new PlantNow() : new PlantNow($this->classes->get($plant->tolerance), site: $plant->indoors ? Site::Indoors : Site::Outdoors, dryRoot: array_filter($on, static fn(PestCase $case): bool => ! PlantCalendar::isDry($case->plant->dry_on, $now)) === []);
        $methods = array_map(fn(Recipe $recipe): CourseMethod => $this->methods->of($recipe, $trouble, null, $is), $this->recipes($course));
        // Where none of its recipes is known any more nobody knows what comes next; without any its plants only stand apart.
        if ($plant === null || ($methods === [] && ! self::isApart($course))) {
            return null;
        }
        $days = PlaceDays::from($course->begun_at, $this->garden->zone());
        [$windows, $end] = $methods === [] ? [null, null] : $this->windows($plant, $methods[0], $hours, $days);
        $record = $records->of($course, $methods, $days);
        $today = $days->of($now);
        $celsius = $hours->celsius($plant);
        $plan = $this->planner->plan(new CourseAsk(
            $trouble,
            $is,
            $methods,
            Pressure::Prevention,
            $today,
            $celsius,
            $course->every_days,
            bloomUntil: self::bloomUntil($on, $days, $now),
            record: $record,
            hours: $windows,
            toldUntil: $end,
            seasonBegan: $days->newYear($now),
            free: $this->ownDays->from($days),
            newest: max(0, ...array_map(static fn(PestCase $case): int => $days->of($case->opened_at), $on)),
        ));

        return new LaidCourse("course-{$course->id}", count($on) === 1 ? Say::it('records/courses-ahead.one', ['name' => $course->name]) : Say::it('records/courses-ahead.many', ['name' => $course->name, 'plants' => count($on)]), $plan, $days, array_values(array_map(static fn(Recorded $one): int => $one->day, array_filter($record, static fn(Recorded $one): bool => $one->kind === RecordKind::Round))), $celsius, $today, array_map(static fn(array $one): Window => $one[1], $windows ?? []), $course->looks->last()?->looked_at);
    }

    /**
     * The last day of bloom where all of them are in flower: who is not is sprayed, and the others are left out of the walk.
     *
     * @param list<PestCase> $on
     */
    private static function bloomUntil(array $on, PlaceDays $days, DateTimeImmutable $now): ?int
    {
        $until = null;
        foreach ($on as $case) {
            $bloom = Whoms::bloom($case->plant, $now);
            if ($bloom === null || ($bloom[0] !== null && $bloom[0]->format('Y-m-d') > $now->format('Y-m-d'))) {
                return null;
            }
            $until = min($until ?? \PHP_INT_MAX, $days->ofDate($bloom[1]));
        }

        return $until;
    }

    /** @return array{list<array{int, Window}>|null, int|null} */
    private function windows(Plant $plant, CourseMethod $method, GoodHours $hours, PlaceDays $days): array
    {
        [$windows, $end] = $hours->of($plant, $this->wants->of($method->mixture, $method->recipe->use));

        return $windows === null ? [null, null] : [array_map(static fn(Window $one): array => [$days->of(new DateTimeImmutable("@{$one->from}")), $one], $windows), $days->of($end)];
    }
}
