<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Choice\StageKills;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Fitting;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\Forecaster;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Population\Warmths;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\RecipeCatalogue;

/** Sees ahead how a case goes on, from what was counted and sprayed on it. */
final readonly class Forecasts
{
    public function __construct(
        private LifeCatalogue $lives,
        private StageKills $kills,
        private RecipeCatalogue $recipes,
        private RecipeShelf $shelf,
        private Situations $situations,
        private NextSprays $sprays,
        private CasePlans $plans,
        private RoundDues $dues,
        private GardenBook $garden,
        private LookPlans $looks,
    ) {}

    /** Null where nobody knows how it multiplies, or where nothing was counted in the last time. */
    public function of(PestCase $case, DateTimeImmutable $now): ?SeenAhead
    {
        $case->loadMissing(['plant', 'counts', 'rounds.batch.recipeVersion.recipe']);
        $life = $this->lives->of($case->pest);
        $since = $now->modify('-' . PopulationLines::LOOKED_BACK['value'] . ' days');
        $counts = $case->counts->filter(static fn(Count $count): bool => ! $count->untreated && $count->counted_at >= $since)->values();
        $first = $counts->first();
        if ($life === null || $first === null) {
            return null;
        }
        $days = PlaceDays::from($first->counted_at, $this->garden->zone());
        $today = $days->of($now);
        $done = array_values($case->rounds->map(fn(Round $round): Treatment => $this->treatment($case, $round, $days))->filter(static fn(Treatment $one): bool => $one->day >= -PopulationLines::LOOKED_BACK['value'])->all());
        $counted = array_values($counts->map(static fn(Count $count): CountOn => new CountOn($days->of($count->counted_at), $count->value))->all());
        assert($counted !== []);
        $outbreak = new Outbreak($life, Warmths::steady($this->dues->at($now)->celsius($case) ?? ScheduleLines::USUAL_CELSIUS['value']), $done);
        $forecaster = new Forecaster(new Fitting(Clumpings::of($case->pest), $this->looks->of($case->pest)->spots));
        $all = $today + PopulationLines::AHEAD['value'] + 1;
        $told = static fn(Treatment ...$more): Forecast => $forecaster->of($outbreak->with([...$done, ...array_values($more)]), $counted, $all);
        $alone = $told();
        $surprise = $forecaster->surprise($outbreak, $counted);
        $next = $this->practice($case, $now);
        if ($next === null) {
            return new SeenAhead($days->on(0), $today, $alone, null, null, [], '', $surprise);
        }
        [$slug, $name, $practice] = $next;
        $kill = $this->kill($case, $practice);
        $plan = $case->closed_at === null ? $this->plans->of($case, $now) : null;
        $ahead = self::ahead($plan, $days, $today);
        $often = $practice->method->tightestDays();
        $spaced = $often === null ? null : $this->plans->spaced($case, (int) $often, $now);
        $course = $plan->course ?? $spaced;
        $last = $done === [] ? null : max(array_map(static fn(Treatment $one): int => $one->day, $done));
        // As close as its school sprays it when it is as bad as can be, or as leaf and season bear it where that is less.
        $wanted = Wanted::bySchool($kill, $practice->method, $often === null ? null : max($often, (float) ($spaced->nearest->everyDays ?? 0)), $today, $last, $ahead[0] ?? null, $course?->hadInARow($slug) ?? 0, $course?->left());
        $sprayed = static fn(int ...$on): array => array_map(static fn(int $day): Treatment => new Treatment($day, $kill, $practice->method->lastsDays), $on);

        $best = null;
        if ($wanted !== null) {
            $programme = $alone->search($wanted);
            $best = [$programme, $wanted, $told(...$sprayed(...$programme->days))];
        }

        return new SeenAhead(
            $days->on(0),
            $today,
            $alone,
            $ahead === [] ? null : $told(...$sprayed(...$ahead)),
            $best,
            $ahead,
            $name,
            $surprise,
        );
    }

    private function treatment(PestCase $case, Round $round, PlaceDays $days): Treatment
    {
        $practice = $this->recipes->practiceOf($this->shelf->read($round->batch->recipeVersion));

        return new Treatment($days->of($round->sprayed_at), $this->kill($case, $practice), $practice->method->lastsDays);
    }

    private function kill(PestCase $case, Practice $practice): Kill
    {
        return $this->kills->of($this->situations->trouble($case), $practice->ways);
    }

    /** @return array{string, string, Practice}|null what is sprayed next: slug and name */
    private function practice(PestCase $case, DateTimeImmutable $now): ?array
    {
        $slug = $this->sprays->of($case, $now)->slug;
        $recipe = $slug === null ? null : $this->shelf->named([$slug])[0] ?? null;

        return $recipe === null ? null : [$recipe->slug, $recipe->name, $this->recipes->practiceOf($recipe)];
    }

    /** @return list<int> days of the rounds that are planned */
    private static function ahead(?LaidCourse $plan, PlaceDays $days, int $today): array
    {
        $ahead = [];
        foreach ($plan->course->entries ?? [] as $entry) {
            $day = $plan === null ? $today : $days->ofDate($plan->on($entry->day));
            if ($entry->kind === ActKind::Round && ! $entry->done && $day >= $today && $day <= $today + PopulationLines::AHEAD['value']) {
                $ahead[] = $day;
            }
        }

        return $ahead;
    }
}
