<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Choice\StageKills;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Fitting;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\Forecaster;
use IdleMixer\Core\Population\Instead;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\NextRounds;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Population\Warmths;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Words\Say;

/** Sees ahead how a case goes on, from what was counted and sprayed on it. */
final readonly class Forecasts
{
    /** Sprays that are tried where the one that comes next does not end it: so many as a choice proposes. */
    private const OTHERS = 3;

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
        private CasesAsk $asks,
        private RoundDates $dates,
        private OwnDays $ownDays,
        private OwnReach $reach,
    ) {}

    /**
     * Null where nobody knows how it multiplies, or where nothing was counted in the last time.
     *
     * @param bool $best whether the best is searched, too, and on which days the gardener may have rounds: that takes longer
     */
    public function of(PestCase $case, DateTimeImmutable $now, bool $best = true): ?SeenAhead
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
        $alone = $forecaster->steered($outbreak, $counted, $today + PopulationLines::AHEAD['value'] + 1);
        $surprise = $forecaster->surprise($outbreak, $counted);
        $seen = $alone->forecast();
        $turns = $case->closed_at === null ? $this->turns($case, $now) : [];
        if ($turns === []) {
            return new SeenAhead($days, $today, $seen, null, null, [], '', $surprise, $this->reach->of());
        }
        [$recipe, $practice] = $turns[0];
        $kill = $this->kill($case, $practice);
        $rounds = new NextRounds($alone, array_map(fn(array $one): array => [$this->kill($case, $one[1]), $one[1]->method->lastsDays], $turns));
        $plan = $this->plans->of($case, $now);
        $ahead = $this->ahead($case, $plan, $days, $today);
        $planned = $ahead === [] ? null : $alone->sprayed($ahead)->forecast();
        $on = array_map(static fn(Treatment $one): int => $one->day, $ahead);
        $name = count($turns) === 1 ? $recipe->name : Say::it('answers/seen-ahead-answers.in-turn', ['spray' => $recipe->name, 'other' => $turns[1][0]->name]);
        if (! $best) {
            return new SeenAhead($days, $today, $seen, $planned, null, $on, $name, $surprise, $this->reach->of());
        }
        $spaced = $this->spaced($case, $practice, $now);
        $course = $plan->course ?? $spaced;
        $last = $done === [] ? null : max(array_map(static fn(Treatment $one): int => $one->day, $done));
        $told = $this->closed($case, $days, $now);
        $closed = self::alsoClosed($told, $this->ownDays->from($days)?->closed($today, $today + PopulationLines::AHEAD['value']));
        $left = $course?->left();
        $had = $course?->hadInARow($recipe->slug) ?? 0;
        // As close as its school sprays it when it is as bad as can be, or as leaf and season bear it where that is less.
        $wanted = Wanted::bySchool($kill, $practice->method, self::often($practice, $spaced), $today, $last, $this->earliest($case, $days, $now), $had, $left, $closed);
        $wanted = $wanted === null ? null : $this->inTurn($case, $wanted, $turns, $last, $now) ?? $wanted;
        $programme = $wanted === null ? new Programme([], 0.0) : $seen->search($wanted);

        return new SeenAhead(
            $days,
            $today,
            $seen,
            $planned,
            $wanted === null ? null : [$programme, $wanted, $rounds->on($programme->days)->forecast()],
            $on,
            $name,
            $surprise,
            $this->reach->of(),
            $rounds,
            self::often($practice, $spaced) === null ? null : $this->room($case, $kill, $last, $today, $wanted !== null && count($wanted->kills()) > 1 ? $wanted->atMost : Wanted::most($practice->method, $had, $left), self::alsoClosed($told, $this->ownDays->from($days)?->closed($today, $today + PopulationLines::AHEAD['value'], true)), $days, $now),
            $wanted === null || $programme->ends() ? null : $this->instead($case, $recipe->slug, $seen, $wanted, $last, $now),
        );
    }

    /** A case with rounds as close as its school sprays it when it is as bad as can be; null where it is done once. */
    private function spaced(PestCase $case, Practice $practice, DateTimeImmutable $now): ?Course
    {
        $often = $practice->method->tightestDays();

        return $often === null ? null : $this->plans->spaced($case, (int) $often, $now);
    }

    /** Days between rounds, as close as the school sprays it, or as leaf and season bear it where that is less; null where it is done once. */
    private static function often(Practice $practice, ?Course $spaced): ?float
    {
        $often = $practice->method->tightestDays();

        return $often === null ? null : max($often, (float) ($spaced->nearest->everyDays ?? 0));
    }

    /**
     * The same search over the two that take turns on this case; null where none do, or the other is had no more.
     *
     * @param non-empty-list<array{Recipe, Practice}> $turns
     */
    private function inTurn(PestCase $case, Wanted $wanted, array $turns, ?int $last, DateTimeImmutable $now): ?Wanted
    {
        if (count($turns) !== 2) {
            return null;
        }
        $apart = $this->plans->with($case, array_map(static fn(array $one): string => $one[0]->slug, $turns), null)?->widest();
        $other = $apart === null ? null : $this->wantedOf($case, $turns[1][0], $wanted, $last, $now);

        return $other === null ? null : $wanted->inTurnWith($other, max(1, $apart));
    }

    /** What is asked of a search with another spray on the days of this one; null where it is not to be had. */
    private function wantedOf(PestCase $case, Recipe $recipe, Wanted $wanted, ?int $last, DateTimeImmutable $now): ?Wanted
    {
        $practice = $this->recipes->practiceOf($recipe);
        $often = $practice->method->tightestDays();
        $spaced = $often === null ? null : $this->plans->with($case, [$recipe->slug], (int) $often);

        return Wanted::bySchool($this->kill($case, $practice), $practice->method, self::often($practice, $spaced), $wanted->from, $last, $wanted->first, 0, $this->plans->left($case, $recipe->slug, $now), $wanted->closed);
    }

    /**
     * On which days the gardener may have rounds: as close as leaves bear them, and the first when what moves rounds lets a day be that was
     * chosen as soon as can be.
     *
     * @param int|null  $most   rounds that may be had yet; null where nothing limits them
     * @param list<int> $closed
     */
    private function room(PestCase $case, Kill $kill, ?int $last, int $today, ?int $most, array $closed, PlaceDays $days, DateTimeImmutable $now): Wanted
    {
        $gap = $this->plans->spaced($case, 1, $now)->nearest->everyDays ?? 1;
        // A day up to the last round is one that was had.
        $soonest = $last === null ? $today : max($today, $last + 1);
        $may = $this->asks->nextRound($this->dates->asIf($case, [$days->on($soonest)->format('Y-m-d')]), $now);

        return new Wanted($kill, $today, max($soonest, $may === null ? $soonest : $days->of($may)), $today + PopulationLines::AHEAD['value'], $gap, $most ?? PopulationLines::MOST_SEARCHED['value'], $closed);
    }

    /**
     * What would end it on days on which this spray may be sprayed: it in turn with another, or else the other by itself, as often as its own
     * school has it.
     *
     * @param string $next slug of the spray that comes next
     */
    private function instead(PestCase $case, string $next, Forecast $seen, Wanted $wanted, ?int $last, DateTimeImmutable $now): ?Instead
    {
        $alone = null;
        foreach ($this->shelf->named(array_slice($this->sprays->others($case, $now), 0, self::OTHERS)) as $recipe) {
            $other = $this->wantedOf($case, $recipe, $wanted, $last, $now);
            if ($other === null) {
                continue;
            }
            // As far apart as practice and leaves want two that take turns.
            $apart = count($wanted->kills()) > 1 ? null : $this->plans->with($case, [$next, $recipe->slug], null)?->widest();
            // After what was sprayed last comes the other.
            $isLast = ($case->slugs()[count($case->slugs()) - 1] ?? null) === $next;
            $turns = $apart === null ? null : $seen->search($isLast ? $other->inTurnWith($wanted, max(1, $apart)) : $wanted->inTurnWith($other, max(1, $apart)));
            if ($turns?->ends() === true) {
                return new Instead($recipe->name, count($turns->days), true, $isLast ? [$recipe->slug, $next] : [$next, $recipe->slug]);
            }
            $programme = $alone === null ? $seen->search($other) : null;
            $alone ??= $programme?->ends() === true ? new Instead($recipe->name, count($programme->days), false, [$recipe->slug]) : null;
        }

        return $alone;
    }

    /** The day of the next round as its school has it, whatever the gardener chose; null where none is due. */
    private function earliest(PestCase $case, PlaceDays $days, DateTimeImmutable $now): ?int
    {
        $next = $this->asks->nextRound($this->dates->asIf($case, []), $now);

        return $next === null ? null : max($days->of($next), $days->of($now));
    }

    /**
     * @param list<int>      $days
     * @param list<int>|null $more days that the gardener does not have
     *
     * @return list<int> earliest first, each once
     */
    private static function alsoClosed(array $days, ?array $more): array
    {
        $all = array_values(array_unique([...$days, ...$more ?? []]));
        sort($all);

        return $all;
    }

    /** @return list<int> days whose weather is told, and holds no hour for it */
    private function closed(PestCase $case, PlaceDays $days, DateTimeImmutable $now): array
    {
        [$windows, $until] = $this->dues->at($now)->hours($case);
        $open = array_map(static fn(Window $one): int => $days->of(new DateTimeImmutable("@{$one->from}")), $windows ?? []);

        return $windows === null || $days->of($until) <= $days->of($now) ? [] : array_values(array_diff(range($days->of($now), $days->of($until) - 1), $open));
    }

    private function treatment(PestCase $case, Round $round, PlaceDays $days): Treatment
    {
        if ($round->batch === null) {
            return new Treatment($days->of($round->sprayed_at), $round->bought()?->kind === BoughtKind::Insects ? new Kill([]) : $this->kills->unknown(), 0);
        }
        $practice = $this->recipes->practiceOf($this->shelf->read($round->batch->recipeVersion));

        return new Treatment($days->of($round->sprayed_at), $this->kill($case, $practice), $practice->method->lastsDays);
    }

    private function kill(PestCase $case, Practice $practice): Kill
    {
        return $this->kills->of($this->situations->trouble($case), $practice->ways)->reaching($this->reach->of());
    }

    /** @return list<array{Recipe, Practice}> what takes turns from here on, the next first; none where nothing is sprayed */
    private function turns(PestCase $case, DateTimeImmutable $now): array
    {
        $next = $this->sprays->of($case, $now);

        return array_map(fn(Recipe $recipe): array => [$recipe, $this->recipes->practiceOf($recipe)], $this->shelf->named($next->turns === [] && $next->slug !== null ? [$next->slug] : $next->turns));
    }

    /** @return list<Treatment> rounds that are planned, each with its own spray */
    private function ahead(PestCase $case, ?LaidCourse $plan, PlaceDays $days, int $today): array
    {
        $ahead = [];
        $sprays = [];
        foreach ($plan->course->entries ?? [] as $entry) {
            $day = $plan === null ? $today : $days->ofDate($plan->on($entry->day));
            if ($entry->kind === ActKind::Round && ! $entry->done && $day >= $today && $day <= $today + PopulationLines::AHEAD['value']) {
                $recipe = $sprays[(string) $entry->recipe] ??= $this->shelf->named([(string) $entry->recipe])[0] ?? null;
                $practice = $recipe === null ? null : $this->recipes->practiceOf($recipe);
                $ahead[] = new Treatment($day, $practice === null ? new Kill([]) : $this->kill($case, $practice), $practice->method->lastsDays ?? 0);
            }
        }

        return $ahead;
    }
}
