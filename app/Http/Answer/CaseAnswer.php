<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\CaseStep;
use App\Models\Count;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Watch;
use App\Records\FromNotebook;
use App\Records\Situations;
use DateTimeImmutable;
use IdleMixer\Core\Batch\SprayCheck;
use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\ContainmentStep;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Writing\VerdictWriter;

/** A case: in short for lists, and whole with its rounds, counts and what may be sprayed now. */
final readonly class CaseAnswer
{
    private const WITH = ['plant', 'rounds.batch.recipeVersion.recipe', 'counts', 'steps', 'watches.plant'];

    private VerdictWriter $verdicts;

    public function __construct(
        private TroubleCatalogue $troubles,
        private Findings $findings,
        private Situations $situations,
        private Containment $containment,
        Sentences $sentences,
        SourceCatalogue $sources,
    ) {
        $this->verdicts = new VerdictWriter($sentences, $sources);
    }

    /** @return array<string, mixed> */
    public function brief(PestCase $case): array
    {
        $case->loadMissing(self::WITH);
        $pest = $this->troubles->trouble($case->pest);
        $latest = $case->counts->where('untreated', false)->sortBy('counted_at')->last();

        return [
            'id' => $case->id,
            'name' => "{$pest->name} on {$case->plant->name}",
            'pest' => $case->pest,
            'pestName' => $pest->name,
            'counted' => $pest->counted,
            'plant' => ['id' => $case->plant->id, 'name' => $case->plant->name, 'tolerance' => $case->plant->tolerance, 'place' => $case->plant->place],
            'openedAt' => Instant::of($case->opened_at),
            'closedAt' => Instant::maybe($case->closed_at),
            'conclusion' => $case->conclusion,
            'notes' => $case->notes,
            'roundCount' => $case->rounds->count(),
            'latestCount' => $latest?->value,
        ];
    }

    /** @return array<string, mixed> */
    public function whole(PestCase $case, DateTimeImmutable $now): array
    {
        $case->loadMissing(self::WITH);
        $trials = FromNotebook::trials($case);

        return [
            ...$this->brief($case),
            'rounds' => array_values($case->rounds->sortBy('sprayed_at')->map(fn(Round $round): array => $this->round($round, $trials[$round->id] ?? null))->all()),
            'counts' => array_values($case->counts->sortBy('counted_at')->map(self::count(...))->all()),
            'batches' => $this->batches($case, $now),
            'matters' => $this->situations->trouble($case)->matters,
            'stages' => $this->situations->trouble($case)->stages,
            'situation' => $this->situations->known($case, $case->counts->where('untreated', false)->sortBy('counted_at')->last()?->value, $now),
            'containment' => $this->containment($case),
            'watches' => array_values($case->watches->map(static fn(Watch $watch): array => ['id' => $watch->id, 'plant' => ['id' => $watch->plant->id, 'name' => $watch->plant->name], 'dueAt' => Instant::of($watch->due_at), 'looked' => $watch->looked_at !== null])->all()),
        ];
    }

    /** @return list<array{slug: string, words: string, dueAt: string, done: bool}> */
    private function containment(PestCase $case): array
    {
        $done = $case->steps->map(static fn(CaseStep $step): string => $step->step)->all();

        return array_map(static fn(ContainmentStep $step): array => [
            'slug' => $step->slug,
            'words' => $step->words,
            'dueAt' => Instant::of($case->opened_at->addHours($step->hours)),
            'done' => in_array($step->slug, $done, true),
        ], $this->containment->steps($this->situations->trouble($case), $case->plant->indoors));
    }

    /** @return array<string, mixed> */
    private function round(Round $round, ?Trial $trial): array
    {
        return [
            'id' => $round->id,
            'batch' => ['id' => $round->batch->id, 'name' => $round->batch->recipeVersion->name],
            'sprayedAt' => Instant::of($round->sprayed_at),
            'handWork' => $round->hand_work,
            'notes' => $round->notes,
            'outcome' => $trial?->outcome()->value,
            'because' => $trial === null ? '' : $this->findings->trial($trial),
            'fairFrom' => Instant::maybe($trial?->fairFrom()),
            'reductionPercent' => $trial?->reduction(),
            'compared' => $trial?->isCompared() ?? false,
        ];
    }

    /** @return array<string, mixed> */
    private static function count(Count $count): array
    {
        return [
            'id' => $count->id,
            'countedAt' => Instant::of($count->counted_at),
            'value' => $count->value,
            'untreated' => $count->untreated,
            'notes' => $count->notes,
        ];
    }

    /** @return list<array<string, mixed>> what could be sprayed on this case, with what speaks for and against each */
    private function batches(PestCase $case, DateTimeImmutable $now): array
    {
        $found = Batch::query()->whereNotNull('made_at')->whereNull('discarded_at')
            ->with(['recipeVersion', 'leafTests.readings'])
            ->orderByDesc('made_at')->limit(12)->get();

        return array_values($found->map(function (Batch $batch) use ($case, $now): array {
            $test = $batch->leafTests->where('plant_id', $case->plant_id)->sortBy('applied_at')->last();

            return [
                'id' => $batch->id,
                'name' => $batch->recipeVersion->name,
                'madeAt' => Instant::maybe($batch->made_at),
                'leafTestId' => $test?->id,
                'verdicts' => array_map(
                    fn(Verdict $verdict): array => $this->verdicts->write($verdict),
                    SprayCheck::verdicts(FromNotebook::batch($batch), $test instanceof LeafTest ? FromNotebook::leafTest($test) : null, $now),
                ),
            ];
        })->all());
    }
}
