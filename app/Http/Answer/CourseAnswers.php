<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Course;
use App\Models\CourseLook;
use App\Models\PestCase;
use App\Models\Round;
use App\Records\CoursesAhead;
use App\Records\KeptTogether;
use App\Records\LaidCourse;
use App\Records\RecipeShelf;
use DateTimeImmutable;
use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Course\SeasonUse;
use IdleMixer\Core\Evidence\Side;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\CourseWords;

/** Tells of courses of many plants, as core lays them out. */
final readonly class CourseAnswers
{
    public function __construct(private CoursesAhead $ahead, private AheadAnswers $lines, private CourseWords $words, private TaskAnswers $tasks, private TroubleCatalogue $troubles, private RecipeShelf $shelf, private RecipeCatalogue $shipped, private EffectCatalogue $effects) {}

    /** @return list<CourseBriefAnswer> open ones first, newest first */
    public function all(): array
    {
        $all = Course::query()->whereNull('trial_id')->with('cases')->orderByRaw('ended_at is not null')->orderByDesc('id')->get();

        return array_values($all->map(fn(Course $course): CourseBriefAnswer => new CourseBriefAnswer($course->id, $course->submission, $course->name, count(self::on($course)), $this->feared($course), CoursesAhead::isApart($course), Instant::maybe($course->ended_at)))->all());
    }

    /** @return list<CourseMethodAnswer> what is sprayed as prevention, by its school or by whoever wrote it */
    public function methods(): array
    {
        $fit = array_filter($this->shelf->recipes(), fn(Recipe $recipe): bool => $recipe->use !== RecipeUse::Stock && ! $this->shipped->methodOf($recipe)->every(Pressure::Prevention)->isNever());

        return array_values(array_map($this->method(...), $fit));
    }

    public function of(Course $course, DateTimeImmutable $now): CourseAnswer
    {
        $laid = $this->ahead->of($course, $now);
        $open = $course->ended_at === null ? $laid : null;
        $trial = $course->trial;

        return new CourseAnswer(
            $course->id,
            $course->submission,
            $course->version,
            $course->name,
            $course->pest === '' ? null : $course->pest,
            $this->feared($course),
            array_map($this->method(...), $this->ahead->recipes($course)),
            $course->every_days,
            Instant::of($course->begun_at),
            Instant::maybe($trial === null ? $course->ended_at : $trial->ended_at),
            $open?->course->state->value,
            $open === null ? '' : $this->words->because($open->course, static fn(int $day): string => Written::longDay($open->on($day))),
            $open?->course->nearest === null ? '' : $this->words->nearest($open->course->nearest),
            $open === null ? [] : $this->tasks->of($this->ahead->tasks($course->id, $open), [], $now, near: false),
            array_values($course->cases->map(static fn(PestCase $case): CoursePlantAnswer => new CoursePlantAnswer($case->id, new RefAnswer($case->plant->id, $case->plant->submission, $case->plant->name), $case->plant->place, $case->closed_at !== null, $case->conclusion))->all()),
            array_values($course->looks->reverse()->map(static fn(CourseLook $look): CourseLookAnswer => new CourseLookAnswer($look->id, $look->submission, $look->version, Instant::of($look->looked_at), $look->plants, $look->found))->all()),
            $laid === null ? 0 : count($laid->had),
            $open === null ? null : $this->lines->laid($open),
            $laid === null ? [] : $this->limits($laid),
            self::bought($course),
            $trial === null ? null : new RefAnswer($trial->id, $trial->submission, $trial->name),
            Side::tryFrom($course->side)?->letter(),
        );
    }

    /** @return list<CourseBoughtAnswer> newest first */
    private static function bought(Course $course): array
    {
        $cases = array_map(static fn(PestCase $case): int => $case->id, array_values($course->cases->all()));
        $rounds = Round::query()->whereIn('case_id', $cases)->whereNull('batch_id')->orderByDesc('sprayed_at')->orderBy('id')->get();

        $told = [];
        foreach ($rounds->groupBy(KeptTogether::mark(...)) as $all) {
            $round = $all->first();
            if ($round !== null) {
                $told[] = new CourseBoughtAnswer($round->id, $round->submission, $round->version, $round->name(), Instant::of($round->sprayed_at), $all->count());
            }
        }

        return $told;
    }

    /** @return list<string> */
    private function limits(LaidCourse $laid): array
    {
        return array_map(fn(SeasonUse $one): string => $this->words->season($one), $laid->course->limits);
    }

    /** @return list<PestCase> */
    private static function on(Course $course): array
    {
        return array_values($course->cases->filter(static fn(PestCase $case): bool => $case->closed_at === null)->all());
    }

    private function feared(Course $course): string
    {
        return $course->pest === '' ? '' : $this->troubles->trouble($course->pest)->name;
    }

    private function method(Recipe $recipe): CourseMethodAnswer
    {
        $practice = $this->shipped->practiceOf($recipe);
        $against = array_filter($this->troubles->troubles, fn(Trouble $trouble): bool => array_filter($trouble->stages, fn(string $stage): bool => $this->effects->does($trouble->slug, $stage, $practice->ways)) !== []);

        return new CourseMethodAnswer($recipe->slug, $recipe->name, $practice->method->every(Pressure::Prevention)->days, array_keys($against));
    }
}
