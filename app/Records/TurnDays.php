<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Round;
use Carbon\CarbonImmutable;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\LeafPace;
use IdleMixer\Core\Course\NextMethod;
use IdleMixer\Core\Course\RoundsAhead;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\Turns;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use Illuminate\Support\Collection;

/** When the other spray comes, in a course whose sprays take turns. */
final readonly class TurnDays
{
    private const DAY = 86_400;

    public function __construct(private BatchBook $book, private CourseMethods $methods, private Turns $between, private Rhythms $rhythms, private LeafPace $pace, private TroubleCatalogue $troubles, private RecipeShelf $shelf, private ToleranceCatalogue $classes) {}

    /** Null where it is the same once more. */
    public function after(PestCase $case, Round $last): ?CarbonImmutable
    {
        $mixed = array_values($case->rounds->whereNotNull('batch_id')->all());
        $chosen = TurnsChosen::of($case);
        if ($mixed === [] || (count($mixed) < 2 && $chosen === null)) {
            return null;
        }
        $of = Batch::query()->withoutGlobalScopes()->whereIn('id', array_map(static fn(Round $round): ?int => $round->batch_id, $mixed))->with('recipeVersion.recipe');
        // What they were started from is long, and is read only where sprays take turns.
        $named = $of->clone()->get(['id', 'recipe_version_id'])->keyBy('id');
        $slugs = array_map(static fn(Round $round): string => $named[$round->batch_id]?->recipeVersion->recipe->slug ?? '', $mixed);
        $turns = $chosen?->now($slugs) ?? [];
        $next = ($turns === [] ? NextMethod::turns($slugs) : $turns)[0];
        if ($next === $slugs[count($slugs) - 1]) {
            return null;
        }
        $sprays = $this->sprays($case, $of->get());
        $spray = $sprays[$next] ?? $this->written($case, $next);
        if ($spray === null) {
            return null;
        }
        $first = $mixed[0]->sprayed_at;
        $had = [];
        foreach ($mixed as $i => $round) {
            $had[] = [intdiv($round->sprayed_at->getTimestamp() - $first->getTimestamp(), self::DAY), $sprays[$slugs[$i]]];
        }

        return $last->sprayed_at->addDays((new RoundsAhead($this->between, $this->pace->loads()))->days($had, $spray));
    }

    /** As its recipe has it, where it was never mixed for this case; null where there is no such recipe any more. */
    private function written(PestCase $case, string $slug): ?InTurn
    {
        $recipe = $this->shelf->named([$slug])[0] ?? null;
        if ($recipe === null) {
            return null;
        }
        $trouble = $this->troubles->trouble($case->pest);
        $one = $this->methods->of($recipe, $trouble, null, new PlantNow($this->classes->get($case->plant->tolerance)));

        return $this->methods->made($slug, $one->method, $one->way, $one->mixture, $one->target, $trouble->kind, $this->rhythms->days($case, $one->method, $one->mixture), $this->rhythms->pressure($case));
    }

    /**
     * @param Collection<int, Batch> $batches
     *
     * @return array<string, InTurn> by slug, as it was mixed last
     */
    private function sprays(PestCase $case, Collection $batches): array
    {
        $kind = $this->troubles->trouble($case->pest)->kind;
        $sprays = [];
        foreach ($batches as $batch) {
            $record = $this->book->record($batch);
            $slug = $batch->recipeVersion->recipe->slug;
            $mixture = AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
            $method = $this->rhythms->method($batch);
            $sprays[$slug] = $this->methods->made($slug, $method, $this->methods->way($this->shelf->read($batch->recipeVersion)), $mixture, $record->target, $kind, $this->rhythms->days($case, $method, $mixture), $this->rhythms->pressure($case));
        }

        return $sprays;
    }
}
