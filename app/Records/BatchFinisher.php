<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Input\FinishInput;
use App\Models\Batch;
use App\Models\BatchItem;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Writing\MixtureWriter;
use Illuminate\Database\Eloquent\Collection;

/** Closes the mixing of a batch: what was really scooped, how the glass looked, and how long it keeps. */
final readonly class BatchFinisher
{
    public function __construct(private PlanRequestReader $requests, private Planner $planner, private BatchSlips $slips) {}

    public function finish(Batch $batch, FinishInput $input): void
    {
        $plan = $this->planner->plan($this->requests->read(JsonText::parse($batch->request)), scale: $batch->scale());
        $items = BatchItem::query()->where('batch_id', $batch->id)->with('scoops.ticks')->orderBy('id')->get();
        $weakest = [];
        $strongest = [];
        foreach ($plan->groups as $group) {
            for ($load = $group->first; $load < $group->first + $group->count; ++$load) {
                $ticked = $this->scooped($items->where('load', $load));
                $ends = $this->slips->ends($batch, $plan, $load, $group->load, $ticked, AsMade::of($group->load, $ticked));
                $weakest[] = $ends[0];
                $strongest[] = $ends[count($ends) - 1];
            }
        }
        $made = AsMade::together($strongest);
        $keeping = (int) round(3600.0 * $input->keeping->hours($plan->holding));
        $batch->update([
            'actual' => json_encode($this->actual(AsMade::together($weakest), $made, $items), \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR),
            'stand_test' => $input->standTest->value,
            'keeping' => $input->keeping->value,
            'notes' => $input->notes,
            'made_at' => $input->madeAt,
            'discard_at' => $input->madeAt->modify("+{$keeping} seconds"),
        ]);
    }

    /**
     * @param Collection<int, BatchItem> $items of one load
     *
     * @return array<int, float> mL, by position
     */
    private function scooped(Collection $items): array
    {
        $all = [];
        foreach ($items as $item) {
            $all[$item->position] = 0.0;
            foreach ($item->scoops as $scoop) {
                $all[$item->position] += $scoop->ticks->count() * $scoop->each_ml;
            }
        }

        return $all;
    }

    /**
     * What is in it, at the strongest it may be.
     *
     * @param Collection<int, BatchItem> $items
     *
     * @return array<string, mixed>
     */
    private function actual(Mixture $weakest, Mixture $made, Collection $items): array
    {
        $ticked = 0;
        $planned = 0;
        foreach ($items as $item) {
            foreach ($item->scoops as $scoop) {
                $planned += $scoop->count;
                $ticked += $scoop->ticks->count();
            }
        }
        $strengths = Strengths::of($made);

        return [
            'finished_mL' => $made->finished(),
            'water_mL' => $made->water,
            'lines' => MixtureWriter::lines($made),
            'strength' => MixtureWriter::strength($strengths),
            'spoken' => MixtureWriter::range(Strengths::of($weakest), $strengths),
            'sure' => MixtureWriter::spoken(Strengths::of($weakest)) === MixtureWriter::spoken($strengths),
            'ticked' => $ticked,
            'planned' => $planned,
        ];
    }
}
