<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\PlantPicture;
use App\Models\Round;
use App\Records\BatchBook;
use App\Records\Proofs;
use App\Records\ReadyBatches;
use App\Records\TaskList;
use DateTimeImmutable;
use IdleMixer\Core\Batch\SprayCheck;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;
use IdleMixer\Core\Writing\VerdictWriter;

/** Tells of a plant: what is on it, what it had, what it is proven to bear, what comes next. */
final readonly class PlantPageAnswers
{
    /** As many as are told of on the page. */
    private const MOST = 40;

    public function __construct(
        private ShedAnswers $shed,
        private CaseAnswers $cases,
        private LeafTestAnswers $tests,
        private TaskList $tasks,
        private Findings $findings,
        private MoveWords $moves,
        private VerdictWriter $verdicts,
    ) {}

    public function of(Plant $plant, DateTimeImmutable $now): PlantPageAnswer
    {
        $briefly = CaseAnswers::briefly(PestCase::query()->where('plant_id', $plant->id));
        $briefly->orderByRaw('closed_at is not null')->orderByDesc('opened_at');
        $cases = $briefly->get();
        $tests = LeafTest::query()->whereIn('plant_id', Proofs::kin($plant))->with(LeafTestAnswers::WITH)->orderByDesc('applied_at')->limit(self::MOST)->get();
        $rounds = Round::query()->whereIn('case_id', $cases->modelKeys())->with(['batch', 'case'])->orderByDesc('sprayed_at')->limit(self::MOST)->get();
        $briefs = array_values($cases->map($this->cases->brief(...))->all());
        $names = array_column($briefs, 'name', 'id');

        return new PlantPageAnswer(
            $this->shed->plant($plant),
            $briefs,
            $this->tests->all($tests, $now),
            $this->proven(array_values($tests->all()), Proofs::of($plant, $now), $now),
            array_values($rounds->map(static fn(Round $round): HadAnswer => new HadAnswer(
                Instant::of($round->sprayed_at),
                new RefAnswer($round->batch->id, $round->batch->submission, $round->batch->name),
                new RefAnswer($round->case_id, $round->case->submission, $names[$round->case_id] ?? ''),
                CompositionWords::of(BatchBook::composition($round->batch)),
            ))->all()),
            $this->next($plant, array_values($cases->map(static fn(PestCase $case): int => $case->id)->all()), $now),
            Instant::maybe(PlantPicture::query()->where('plant_id', $plant->id)->first()?->taken_at),
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
                $proven[] = new ProvenAnswer($test->id, $this->verdicts->write(SprayCheck::leaves($spray, $proof, $now))->because);
            }
        }

        return $proven;
    }

    /**
     * @param list<int> $cases open cases
     *
     * @return list<TaskAnswer>
     */
    private function next(Plant $plant, array $cases, DateTimeImmutable $now): array
    {
        $mine = $this->tasks->ofPlant($plant->id, $cases, $now);

        return TaskAnswers::of($mine, ReadyBatches::ofTasks($mine, $now), $now, $this->findings, $this->moves);
    }
}
