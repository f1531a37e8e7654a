<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\PlantPicture;
use App\Models\Round;
use App\Records\BatchBook;
use App\Records\CoursesAhead;
use App\Records\Gates;
use App\Records\Proofs;
use App\Records\ReadyBatches;
use App\Records\StandsMixed;
use App\Records\TaskList;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Gate\ProofRule;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Writing\VerdictWriter;

/** Tells of a plant: what is on it, what it had, what it is proven to bear, what comes next. */
final readonly class PlantPageAnswers
{
    /** As many as are told of on the page. */
    private const MOST = 40;

    /** As many as stand mixed in any house. */
    private const MOST_STANDING = 6;

    public function __construct(
        private ShedAnswers $shed,
        private CaseAnswers $cases,
        private LeafTestAnswers $tests,
        private TaskList $tasks,
        private TaskAnswers $doing,
        private BottleAnswers $bottles,
        private Proofs $proofs,
        private VerdictWriter $verdicts,
        private Whoms $whoms,
        private StandsMixed $stands,
        private Gates $gates,
        private GateAnswers $gate,
        private RowAnswers $rows,
    ) {}

    public function of(Plant $plant, DateTimeImmutable $now): PlantPageAnswer
    {
        $briefly = CaseAnswers::briefly(PestCase::query()->where('plant_id', $plant->id));
        $briefly->orderByRaw('closed_at is not null')->orderByDesc('opened_at');
        $cases = $briefly->get();
        $tests = LeafTest::query()->whereIn('plant_id', $this->proofs->kin($plant))->with(LeafTestAnswers::WITH)->orderByDesc('applied_at')->limit(self::MOST)->get();
        $rounds = Round::query()->whereIn('case_id', PestCase::any(PestCase::query())->where('plant_id', $plant->id)->select('id'))->with(['batch', 'case.course'])->orderByDesc('sprayed_at')->limit(self::MOST)->get();
        $briefs = array_values($cases->map($this->cases->brief(...))->all());
        $names = array_column($briefs, 'name', 'id');
        $tasks = $this->tasks->ofPlant($plant->id, array_values($cases->map(static fn(PestCase $case): int => $case->id)->all()), $now);

        $apart = CoursesAhead::apart([$plant->id])[$plant->id] ?? null;

        return new PlantPageAnswer(
            $this->shed->plant($plant),
            $briefs,
            $this->tests->all($tests, $now),
            $this->proven(array_values($tests->all()), $this->proofs->of($plant, $now), $now),
            array_values($rounds->map(static fn(Round $round): HadAnswer => new HadAnswer(
                Instant::of($round->sprayed_at),
                $round->name(),
                RefAnswer::batch($round->batch),
                $round->case->course === null ? new RefAnswer($round->case_id, $round->case->submission, $names[$round->case_id] ?? '') : null,
                $round->case->course === null ? null : new RefAnswer($round->case->course->id, $round->case->course->submission, $round->case->course->name),
                CompositionWords::of($round->batch === null ? null : BatchBook::composition($round->batch)),
            ))->all()),
            $this->doing->of($tasks, ReadyBatches::ofTasks($tasks, $now), $now, near: false),
            Instant::maybe(PlantPicture::query()->where('plant_id', $plant->id)->first()?->taken_at),
            $this->standing($plant, $now),
            $this->rows->of([$plant], $tasks, Span::usual($now))[0],
            $apart === null ? null : new RefAnswer($apart->id, $apart->submission, $apart->name),
        );
    }

    /**
     * @param list<LeafTest> $tests
     *
     * @return list<ProvenAnswer>
     */
    private function proven(array $tests, Proof $proof, DateTimeImmutable $now): array
    {
        $proven = [];
        foreach ($tests as $test) {
            $spray = BatchBook::composition($test->batch);
            if ($spray !== null && $proof->of($spray, $now)->outcome === ProofOutcome::GoAhead) {
                $proven[] = new ProvenAnswer($test->id, $this->verdicts->write(ProofRule::verdict($proof->of($spray, $now), $spray, $now))->because);
            }
        }

        return $proven;
    }

    /** @return list<StandingAnswer> what stands mixed, newest first */
    private function standing(Plant $plant, DateTimeImmutable $now): array
    {
        $batches = $this->stands->newest(self::MOST_STANDING);
        $whom = $batches === [] ? null : $this->whoms->of($plant, $now);

        return $whom === null ? [] : array_map(fn(Batch $batch): StandingAnswer => new StandingAnswer(new RefAnswer($batch->id, $batch->submission, $batch->name), $this->gate->of($this->gates->of($whom, $this->gates->spray($batch, $now))), $this->bottles->of($batch, $now)), $batches);
    }
}
