<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Input\BatchInput;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\BatchScoop;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Writing\PlanWriter;

/** Starts a batch: keeps the recipe, the request and the plan, and lays out the tally. */
final readonly class BatchStarter
{
    /** Nobody ticks off more fills of a sprayer in one go: our own bound. */
    private const MOST_LOADS = 100;

    public function __construct(
        private Planner $planner,
        private PlanWriter $writer,
        private RecipeShelf $shelf,
        private RecipeCatalogue $recipes,
        private Submissions $once,
        private Glasses $glasses,
    ) {}

    /**
     * @return array{Batch, bool}
     *
     * @throws InvalidDocument when it takes more loads than one batch may have
     */
    public function start(BatchInput $input, DateTimeImmutable $now): array
    {
        $plan = $this->planner->plan($input->request, $this->glasses->hand()['coarseness'], circumstances: $input->circumstances, scale: $input->scale);
        if ($plan->loadCount() > self::MOST_LOADS) {
            throw InvalidDocument::because('/request/make/amount', sprintf('This would take %d fills of the sprayer; one batch has at most %d. Make several batches.', $plan->loadCount(), self::MOST_LOADS), null);
        }

        return $this->once->of(Batch::query(), $input->submission, fn(): Batch => $this->make($input, $plan, $now));
    }

    private function make(BatchInput $input, Plan $plan, DateTimeImmutable $now): Batch
    {
        $recipe = $input->request->recipe;
        $batch = Batch::query()->create([
            'submission' => $input->submission,
            'recipe_version_id' => $this->shelf->keep($recipe)->id,
            'sprayer_id' => $input->sprayer?->id,
            'plant_id' => $input->plant->id ?? $input->case?->plant_id,
            'case_id' => $input->case?->id,
            'mixing_order' => $recipe->order->value,
            'make_ml' => $plan->whole->finished(),
            'water_hardness_mg_l' => $input->request->water->hardness,
            'water_celsius' => $input->request->water->celsius,
            'request' => $input->requestText,
            'plan' => json_encode($this->writer->write($plan), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR),
            'scale_grams' => $input->scale?->inBase(),
            'fair_look_hours' => $plan->fairLook->value,
            'repeat_days' => $this->recipes->repeatDays($recipe->slug),
            'started_at' => $now,
        ]);
        $names = MeasureNames::ofHousehold();
        foreach ($plan->groups as $group) {
            for ($load = $group->first; $load < $group->first + $group->count; ++$load) {
                foreach ($group->load->items as $position => $item) {
                    $this->layOut($batch, $load, $position, $item, $names);
                }
            }
        }

        return $batch->refresh();
    }

    private function layOut(Batch $batch, int $load, int $position, Item $item, MeasureNames $names): void
    {
        $row = BatchItem::query()->create([
            'batch_id' => $batch->id,
            'load' => $load,
            'position' => $position,
            'name' => $item->name(),
            'planned_ml' => $item->millilitres(),
        ]);
        foreach ($item->measured->scoops as $i => $scoop) {
            // What is weighed is one tick, whatever the scale shows.
            $weighed = $scoop->measure->amount->unit->dimension() === Dimension::Mass;
            BatchScoop::query()->create([
                'batch_item_id' => $row->id,
                'position' => $i,
                'words' => $weighed ? Measures::scoop($scoop) : $names->of($scoop->measure->amount),
                'each_ml' => $weighed ? $scoop->millilitres() : $scoop->measure->millilitres,
                'count' => $weighed ? 1 : $scoop->count,
            ]);
        }
    }
}
