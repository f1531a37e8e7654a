<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Course\HadMethod;
use IdleMixer\Core\Course\NextMethod;

/** With what a case is sprayed next: the one answer for bench, plan and calendar. */
final readonly class NextSprays
{
    public function __construct(private Situations $situations, private Chooser $chooser, private CaseTrials $trials, private Gates $gates, private Whoms $whoms, private Reading $reading) {}

    public function of(PestCase $case, DateTimeImmutable $now): NextMethod
    {
        return $this->reading->once("next-spray/{$case->id}/{$now->getTimestamp()}", fn(): NextMethod => $this->reckoned($case, $now));
    }

    /** @return list<string> slugs of others that fit it now, best first */
    public function others(PestCase $case, DateTimeImmutable $now): array
    {
        $next = $this->of($case, $now)->slug;
        $proposed = array_map(static fn(Option $one): string => $one->recipe->slug, $this->chooser->choose($this->situation($case, $now))->proposed);

        return array_values(array_filter($proposed, static fn(string $slug): bool => $slug !== $next));
    }

    private function situation(PestCase $case, DateTimeImmutable $now): Situation
    {
        $latest = $case->counts->filter(static fn(Count $count): bool => ! $count->untreated)->last()?->value;

        return $this->situations->of($case, $this->situations->known($case, $latest, $now), $now);
    }

    private function reckoned(PestCase $case, DateTimeImmutable $now): NextMethod
    {
        $case->loadMissing(['plant', 'counts', 'rounds.batch.recipeVersion.recipe']);
        $situation = $this->situation($case, $now);
        $trials = $this->trials->of($case);

        // What was bought is no method of ours: nothing takes turns with it.
        $had = array_map(static function (array $one) use ($trials): HadMethod {
            [$round, $batch] = $one;
            $trial = $trials[$round->id] ?? null;

            return new HadMethod($batch->recipeVersion->recipe->slug, $trial?->outcome()->isJudged() === true ? $trial->reduction() : null);
        }, $case->mixed());
        $stopped = $this->stopped($case, $now);
        $slugs = array_map(static fn(HadMethod $one): string => $one->slug, $had);

        // Most cases go on as they were begun: that is told without a look at every spray there is.
        $chosen = TurnsChosen::of($case);

        return NextMethod::goingOn($this->chooser->of([...$slugs, ...$chosen->slugs ?? []], $situation), $had, $stopped, $chosen) ?? NextMethod::of($this->chooser->choose($situation), $had, $stopped, $chosen);
    }

    /** @return list<string> slugs of what may not go on its plant once more as it was mixed last; what passes, as thirst or bloom, puts the round off */
    private function stopped(PestCase $case, DateTimeImmutable $now): array
    {
        $last = [];
        foreach ($case->mixed() as [, $batch]) {
            $last[$batch->recipeVersion->recipe->slug] = $batch;
        }
        $whom = $last === [] ? null : $this->whoms->of($case->plant, $now);

        return $whom === null ? [] : array_keys(array_filter($last, fn(Batch $batch): bool => $this->gates->of($whom, $this->gates->again($batch))->barredBy() !== null));
    }

    /** The last round of a case with a recipe; null where none was. */
    public static function like(PestCase $case, string $slug): ?Round
    {
        return $case->rounds->last(static fn(Round $round): bool => $round->slug() === $slug);
    }
}
