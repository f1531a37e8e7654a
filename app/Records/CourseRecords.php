<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Burn;
use App\Models\Course;
use App\Models\CourseLook;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Course\CourseMethod;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Weather\SprayWants;

/** Everything recorded on courses of many plants, as core reads it. What speaks for one plant alone is left to the walk, which leaves it out. */
final readonly class CourseRecords
{
    /** @var array<int, list<LeafTest>> by plant */
    private array $tests;

    /** @var array<int, Burn> that plants rest from now, by plant */
    private array $burnt;

    /** @param list<Course> $courses with their cases, plants, rounds and looks */
    public function __construct(array $courses, private RainedOff $rain, private SprayWants $wants, private DateTimeImmutable $now)
    {
        $plants = [];
        foreach ($courses as $course) {
            array_push($plants, ...array_map(static fn(PestCase $case): int => $case->plant_id, self::on($course)));
        }
        $tests = [];
        foreach (LeafTest::query()->whereIn('plant_id', $plants)->with(['readings', 'batch:id,recipe_version_id', 'batch.recipeVersion:id,recipe_id', 'batch.recipeVersion.recipe:id,slug'])->orderBy('id')->get() as $test) {
            $tests[$test->plant_id][] = $test;
        }
        $this->tests = $tests;
        $this->burnt = BurntPlants::resting($now);
    }

    /** @return list<PestCase> plants that are on it, a case each */
    public static function on(Course $course): array
    {
        return array_values($course->cases->filter(static fn(PestCase $case): bool => $case->closed_at === null)->all());
    }

    /**
     * @param list<CourseMethod> $methods
     *
     * @return list<Recorded> earliest first
     */
    public function of(Course $course, array $methods, PlaceDays $days): array
    {
        $plants = array_map(static fn(PestCase $case): Plant => $case->plant, self::on($course));
        $record = [
            ...self::rounds($course, $days),
            ...$course->looks->map(static fn(CourseLook $look): Recorded => new Recorded($days->of($look->looked_at), RecordKind::Look, clean: $look->found === 0))->all(),
            ...$this->tests($plants, $days),
            ...$this->burns($plants, $days),
            ...$this->rain($course, $methods, $days),
        ];
        usort($record, static fn(Recorded $a, Recorded $b): int => $a->day <=> $b->day);

        return $record;
    }

    /** A round as core reads it: with a recipe, or with something bought. */
    public static function recorded(Round $round, int $on): Recorded
    {
        $bought = $round->bought();

        return $bought === null
            ? new Recorded($on, RecordKind::Round, $round->slug() ?? '')
            : new Recorded($on, $bought->kind === BoughtKind::Insects ? RecordKind::SetOut : RecordKind::Bought, name: $bought->name);
    }

    /** @return list<Recorded> a walk over many plants is one round of the course */
    private static function rounds(Course $course, PlaceDays $days): array
    {
        $walks = [];
        foreach ($course->cases as $case) {
            foreach ($case->rounds as $round) {
                $on = $days->of($round->sprayed_at);
                $walks["{$on} {$round->slug()} {$round->bought_name}"] = self::recorded($round, $on);
            }
        }

        return array_values($walks);
    }

    /**
     * One test is made before all of them are sprayed, and waited for; leaves that it marked, or left clean, speak for all where all are
     * of one kind.
     *
     * @param list<Plant> $plants
     *
     * @return list<Recorded>
     */
    private function tests(array $plants, PlaceDays $days): array
    {
        $isOneKind = count(array_unique(array_map(Proofs::kind(...), $plants))) === 1;
        $record = [];
        foreach ($plants as $plant) {
            foreach ($this->tests[$plant->id] ?? [] as $test) {
                $outcome = FromNotebook::leafTest($test)->outcome($this->now);
                $clean = $outcome->isConcluded() ? ! $outcome->isMarked() : null;
                if ($clean === null || $isOneKind) {
                    $record[] = new Recorded($days->of($test->applied_at), RecordKind::Test, $test->batch->recipeVersion->recipe->slug, clean: $clean);
                }
            }
        }

        return $record;
    }

    /**
     * Where all of them are burnt, the first that has rested ends it.
     *
     * @param list<Plant> $plants
     *
     * @return list<Recorded>
     */
    private function burns(array $plants, PlaceDays $days): array
    {
        $burns = array_values(array_intersect_key($this->burnt, array_flip(array_map(static fn(Plant $plant): int => $plant->id, $plants))));
        if ($burns === [] || count($burns) < count($plants)) {
            return [];
        }
        usort($burns, static fn(Burn $a, Burn $b): int => $a->seen_at <=> $b->seen_at);

        return [new Recorded($days->of($burns[0]->seen_at), RecordKind::Burn, self::slug($burns[0]->round), $burns[0]->share)];
    }

    /**
     * The rain that took the last walk off plants that stand out in it.
     *
     * @param list<CourseMethod> $methods
     *
     * @return list<Recorded>
     */
    private function rain(Course $course, array $methods, PlaceDays $days): array
    {
        $last = null;
        foreach ($course->cases as $case) {
            foreach ($case->rounds as $round) {
                $last = ! $case->plant->indoors && ($last === null || $round->sprayed_at > $last->sprayed_at) ? $round : $last;
            }
        }
        $method = $last === null ? null : array_values(array_filter($methods, static fn(CourseMethod $one): bool => $one->recipe->slug === self::slug($last)))[0] ?? null;
        $washed = $last === null || $method === null ? null : $this->rain->off($last->sprayed_at, $this->wants->of($method->mixture, $method->recipe->use), $this->now);

        return $washed === null ? [] : [new Recorded($days->of($washed), RecordKind::Rain)];
    }

    private static function slug(Round $round): string
    {
        return $round->slug() ?? '';
    }
}
