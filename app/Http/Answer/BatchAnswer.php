<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\BatchScoop;
use App\Models\BatchTick;
use App\Models\LeafTest;
use App\Records\BatchSlips;
use App\Records\FromNotebook;
use App\Records\Glasses;
use DateTimeImmutable;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Work\StandTest;

/** A batch: in short for lists, and whole with its plan and tally. */
final readonly class BatchAnswer
{
    public const WITH = ['recipeVersion.recipe', 'plant', 'case.plant', 'sprayer'];

    public function __construct(private TroubleCatalogue $troubles, private Glasses $glasses) {}

    /** @return array<string, mixed> */
    public function brief(Batch $batch, DateTimeImmutable $now): array
    {
        return [
            'id' => $batch->id,
            'name' => $batch->recipeVersion->name,
            'recipe' => ['slug' => $batch->recipeVersion->recipe->slug, 'version' => $batch->recipeVersion->number],
            'status' => FromNotebook::batch($batch)->status($now)->value,
            'makeWords' => Measures::metric($batch->make_ml),
            'plant' => $batch->plant === null ? null : ['id' => $batch->plant->id, 'name' => $batch->plant->name],
            'case' => $batch->case === null ? null : [
                'id' => $batch->case->id,
                'name' => $this->troubles->trouble($batch->case->pest)->name . ' on ' . $batch->case->plant->name,
            ],
            'standTest' => $batch->stand_test,
            'standTestWords' => StandTest::from($batch->stand_test)->words(),
            'startedAt' => Instant::of($batch->started_at),
            'madeAt' => Instant::maybe($batch->made_at),
            'discardAt' => Instant::maybe($batch->discard_at),
            'discardedAt' => Instant::maybe($batch->discarded_at),
        ];
    }

    /** @return array<string, mixed> */
    public function whole(Batch $batch, DateTimeImmutable $now): array
    {
        $batch->loadMissing([...self::WITH, 'items.scoops.ticks', 'leafTests', 'rounds', 'standTests']);

        return [
            ...$this->brief($batch, $now),
            'sprayer' => $batch->sprayer === null ? null : [
                'id' => $batch->sprayer->id,
                'name' => $batch->sprayer->name,
                'holds' => $batch->sprayer->amount()->toArray(),
                'pours' => $batch->sprayer->poured(),
            ],
            'water' => ['hardnessMgL' => $batch->water_hardness_mg_l, 'celsius' => $batch->water_celsius],
            'keeping' => $batch->keeping,
            'notes' => $batch->notes,
            'recipeDocument' => json_decode($batch->recipeVersion->document, false, 64, \JSON_THROW_ON_ERROR),
            'plan' => json_decode($batch->plan, false, 64, \JSON_THROW_ON_ERROR),
            'actual' => $batch->actual === null ? null : json_decode($batch->actual, false, 64, \JSON_THROW_ON_ERROR),
            'items' => $batch->items->map($this->item(...))->values()->all(),
            'leafTestIds' => $batch->leafTests->map(static fn(LeafTest $test): int => $test->id)->values()->all(),
            'standTests' => $this->glasses->of($batch),
            'slips' => array_map(static fn(int $load, string $remedy): array => ['load' => $load, 'remedy' => $remedy, 'words' => WayOutWords::shipped()->title(RemedyKind::from($remedy))], array_keys(BatchSlips::remedies($batch)), BatchSlips::remedies($batch)),
            'roundCount' => $batch->rounds->count(),
        ];
    }

    /** @return array<string, mixed> */
    private function item(BatchItem $item): array
    {
        return [
            'id' => $item->id,
            'load' => $item->load,
            'position' => $item->position,
            'name' => $item->name,
            'plannedMl' => $item->planned_ml,
            'scoops' => $item->scoops->map(self::scoop(...))->values()->all(),
        ];
    }

    /** @return array{id: int, words: string, eachMl: float, count: int, ticked: list<int>} */
    public static function scoop(BatchScoop $scoop): array
    {
        $ticked = $scoop->ticks->map(static fn(BatchTick $tick): int => $tick->number)->sort()->values()->all();

        return [
            'id' => $scoop->id,
            'words' => $scoop->words,
            'eachMl' => $scoop->each_ml,
            'count' => $scoop->count,
            'ticked' => array_values($ticked),
        ];
    }
}
