<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\WeighedRound;
use IdleMixer\Core\Choice\StageKills;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Population\Reach;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** How much this household's sprays reach, by its judged rounds: single ones, without pruning or wiping, of sprays that kill what they were sprayed on. */
final readonly class OwnReach
{
    public function __construct(private Fresh $fresh, private Reading $reading, private StageKills $kills, private RecipeShelf $shelf, private RecipeCatalogue $recipes, private TroubleCatalogue $troubles) {}

    public function of(): Reach
    {
        return $this->reading->once('reach', $this->reckoned(...));
    }

    private function reckoned(): Reach
    {
        $this->fresh->cases();
        $judged = array_map(static fn(Outcome $one): string => $one->value, array_filter(Outcome::cases(), static fn(Outcome $one): bool => $one->isJudged()));
        $rounds = WeighedRound::query()->whereIn('outcome', $judged)->where('hand_work', false)->where('rounds', 1)->whereNotNull('reduction')->whereNotNull('batch_id')->orderByDesc('sprayed_at')->limit(Reach::MOST)->get(['pest', 'batch_id', 'reduction']);
        $batches = Batch::query()->withoutGlobalScopes()->whereIn('id', $rounds->pluck('batch_id')->unique()->all())->with('recipeVersion.recipe')->get(['id', 'recipe_version_id'])->keyBy('id');
        $usual = [];
        $each = [];
        foreach ($rounds as $round) {
            $version = $batches[$round->batch_id ?? 0]->recipeVersion ?? null;
            if ($version === null) {
                continue;
            }
            $usual["{$round->pest} {$version->id}"] ??= $this->kills->of($this->troubles->trouble($round->pest), $this->recipes->practiceOf($this->shelf->read($version))->ways)->usual();
            $each[] = [$round->reduction ?? 0.0, $usual["{$round->pest} {$version->id}"] ?? 0.0];
        }

        return Reach::of(array_values(array_filter($each, static fn(array $one): bool => $one[1] > 0.0)));
    }
}
