<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CourseMethod;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Course\Settled;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Words\Say;

/** Lays out the programme of a case from its rounds so far. */
final readonly class CasePlans
{
    /** Sprays that take turns. */
    private const MOST = 6;

    public function __construct(
        private RecipeShelf $shelf,
        private CoursePlanner $planner,
        private RoundDues $dues,
        private Situations $situations,
        private CourseMethods $methods,
        private Rhythms $rhythms,
        private ToleranceCatalogue $plants,
        private GardenBook $garden,
        private NextSprays $sprays,
        private CasesAsk $asks,
        private RoundDates $wanted,
        private OwnDays $ownDays,
    ) {}

    /** @return list<LaidCourse> of every open case that was sprayed */
    public function open(DateTimeImmutable $now): array
    {
        $cases = PestCase::query()->whereNull('closed_at')->with(['plant', 'counts', 'rounds.batch.recipeVersion.recipe'])->orderBy('id')->get();

        $dues = $this->dues->at($now);

        return array_values(array_filter(array_map(fn(PestCase $case): ?LaidCourse => $this->plan($case, $dues, $now), $cases->all())));
    }

    /** Null where nothing that was mixed here was sprayed yet. */
    public function of(PestCase $case, DateTimeImmutable $now): ?LaidCourse
    {
        return $this->plan($case, $this->dues->at($now), $now);
    }

    /** What speaks against so many days between the rounds of a case, and the nearest that may be; null where nothing does. */
    public function against(PestCase $case, int $everyDays, DateTimeImmutable $now): ?Course
    {
        $course = $this->spaced($case, $everyDays, $now);

        return $course?->nearest === null ? null : $course;
    }

    /** A case from its begin, with so many days between rounds of what takes turns from here on; null where nothing is sprayed on it. */
    public function spaced(PestCase $case, int $everyDays, DateTimeImmutable $now): ?Course
    {
        $next = $this->sprays->of($case, $now);

        return $this->with($case, $next->turns === [] && $next->slug !== null ? [$next->slug] : $next->turns, $everyDays);
    }

    /**
     * A case from its begin with these sprays in turn.
     *
     * @param list<string> $slugs
     * @param int|null     $everyDays between rounds; null where they come as the school has it
     *
     * @return Course|null null where none of them is known
     */
    public function with(PestCase $case, array $slugs, ?int $everyDays): ?Course
    {
        $ask = $this->asked($case, $this->shelf->named(array_slice($slugs, 0, self::MOST)), [], 0, $everyDays);

        return $ask === null ? null : $this->planner->plan($ask);
    }

    /** Rounds of a spray that the season bears yet, those that were had on this case counted; null where nothing limits them. */
    public function left(PestCase $case, string $slug, DateTimeImmutable $now): ?int
    {
        $first = $case->mixed()[0][0] ?? null;
        $days = PlaceDays::from($first->sprayed_at ?? $now, $this->garden->zone());
        $ask = $this->asked($case, $this->shelf->named([$slug]), self::record($case, $days), $days->of($now));

        return $ask === null ? null : $this->planner->plan($ask)->left();
    }

    /**
     * @param list<Recipe>   $recipes
     * @param list<Recorded> $record
     */
    private function asked(PestCase $case, array $recipes, array $record, int $today, ?int $everyDays = null): ?CourseAsk
    {
        $case->loadMissing(['plant', 'counts', 'rounds.batch.recipeVersion.recipe']);
        $trouble = $this->situations->trouble($case);
        $plant = new PlantNow($this->plants->get($case->plant->tolerance));

        return $recipes === [] ? null : new CourseAsk($trouble, $plant, array_map(fn(Recipe $recipe): CourseMethod => $this->methods->of($recipe, $trouble, null, $plant), $recipes), $this->rhythms->pressure($case), $today, everyDays: $everyDays, record: $record);
    }

    /** @return list<Recorded> rounds that were had, of what is mixed here and of what was bought */
    private static function record(PestCase $case, PlaceDays $days): array
    {
        return array_values($case->rounds->map(static fn(Round $round): Recorded => CourseRecords::recorded($round, $days->of($round->sprayed_at)))->all());
    }

    private function plan(PestCase $case, RoundDues $dues, DateTimeImmutable $now): ?LaidCourse
    {
        $case->loadMissing(['plant', 'counts', 'rounds.batch.recipeVersion.recipe']);
        // What was bought goes by its label: nothing is laid out until something is mixed.
        $first = $case->mixed()[0][0] ?? null;
        if ($first === null) {
            return null;
        }
        $next = $this->sprays->of($case, $now);
        $recipes = $this->recipes($case, $next->slug);
        if ($recipes === []) {
            return null;
        }
        $due = $case->closed_at === null ? $this->asks->nextRound($case, $now) : null;
        $days = PlaceDays::from($first->sprayed_at, $this->garden->zone());
        $today = $days->of($now);
        $record = self::record($case, $days);
        $celsius = $dues->celsius($case);
        $trouble = $this->situations->trouble($case);
        $plant = new PlantNow($this->plants->get($case->plant->tolerance));
        $methods = array_map(fn(Recipe $recipe): CourseMethod => $this->methods->of($recipe, $trouble, null, $plant), $recipes);
        // Which round comes next, and when, is settled by what Today has.
        $settled = $due === null || $next->slug === null ? null : new Settled(max($days->of($due), $today), $next->slug, "due-{$next->why->value}", $next->turns);
        $course = $this->planner->plan(new CourseAsk($trouble, $plant, $methods, $this->rhythms->pressure($case), $today, $celsius, $case->every_days, $case->bud_break_on === null ? null : $days->ofDate($case->bud_break_on), record: $record, settled: $settled, wanted: array_map(static fn(string $on): int => $days->ofDate(new DateTimeImmutable($on)), $this->wanted->of($case)->days), free: $this->ownDays->from($days)));

        return new LaidCourse(
            "case-{$case->id}",
            Say::it('records/case-plans.on', ['name' => $trouble->name, 'name-2' => $case->plant->name]),
            $settled === null ? $course->ended() : $course,
            $days,
            array_values(array_map(static fn(Recorded $one): int => $one->day, array_filter($record, static fn(Recorded $one): bool => $one->kind === RecordKind::Round))),
            $celsius,
            $today,
        );
    }

    /** @return list<Recipe> what was sprayed and what comes next, each once, in the order in which it came */
    private function recipes(PestCase $case, ?string $next): array
    {
        $slugs = array_values(array_unique([...$case->slugs(), ...$next === null ? [] : [$next]]));

        return $this->shelf->named(array_slice($slugs, 0, self::MOST));
    }
}
