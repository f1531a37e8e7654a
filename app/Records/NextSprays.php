<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Course\HadMethod;
use IdleMixer\Core\Course\NextMethod;

/** With what a case is sprayed next: the one answer for bench, plan and calendar. */
final readonly class NextSprays
{
    public function __construct(private Situations $situations, private Chooser $chooser, private CaseTrials $trials) {}

    public function of(PestCase $case, DateTimeImmutable $now): NextMethod
    {
        $case->loadMissing(['plant', 'counts', 'rounds.batch.recipeVersion.recipe']);
        $latest = $case->counts->filter(static fn(Count $count): bool => ! $count->untreated)->last()?->value;
        $situation = $this->situations->of($case, $this->situations->known($case, $latest, $now), $now);
        $trials = $this->trials->of($case);

        return NextMethod::of($this->chooser->choose($situation), array_values($case->rounds->map(static function (Round $round) use ($trials): HadMethod {
            $trial = $trials[$round->id] ?? null;

            return new HadMethod($round->batch->recipeVersion->recipe->slug, $trial?->outcome()->isJudged() === true ? $trial->reduction() : null);
        })->all()));
    }

    /** The batch of a case that was sprayed last with a recipe; null where none was. */
    public static function like(PestCase $case, string $slug): ?Round
    {
        return $case->rounds->last(static fn(Round $round): bool => $round->batch->recipeVersion->recipe->slug === $slug);
    }
}
