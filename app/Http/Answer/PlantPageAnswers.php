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
use App\Records\TaskList;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Findings;

/** Tells of a plant: what is on it, what it had, what it is proven to bear, what comes next. */
final readonly class PlantPageAnswers
{
    /** As many as are told of on the page. */
    private const MOST = 40;

    public function __construct(private ShedAnswers $shed, private CaseAnswers $cases, private LeafTestAnswers $tests, private TaskList $tasks, private Findings $findings) {}

    public function of(Plant $plant, DateTimeImmutable $now): PlantPageAnswer
    {
        $cases = PestCase::query()->where('plant_id', $plant->id)->orderByRaw('closed_at is not null')->orderByDesc('opened_at')->get();
        $tests = LeafTest::query()->whereIn('plant_id', Proofs::kin($plant))->with(LeafTestAnswers::WITH)->orderByDesc('applied_at')->limit(self::MOST)->get();
        $rounds = Round::query()->whereIn('case_id', $cases->modelKeys())->with(['batch', 'case'])->orderByDesc('sprayed_at')->limit(self::MOST)->get();
        $briefs = array_values($cases->map($this->cases->brief(...))->all());
        $names = array_column($briefs, 'name', 'id');

        return new PlantPageAnswer(
            $this->shed->plant($plant),
            $briefs,
            array_values($tests->map(fn(LeafTest $test): LeafTestAnswer => $this->tests->of($test, $now))->all()),
            array_values($rounds->map(static fn(Round $round): HadAnswer => new HadAnswer(
                Instant::of($round->sprayed_at),
                new RefAnswer($round->batch->id, $round->batch->name),
                new RefAnswer($round->case_id, $names[$round->case_id] ?? ''),
                CompositionWords::of(BatchBook::composition($round->batch)),
            ))->all()),
            $this->next($plant, $cases->modelKeys(), $now),
            Instant::maybe(PlantPicture::query()->where('plant_id', $plant->id)->first()?->taken_at),
        );
    }

    /**
     * @param array<int|string> $cases
     *
     * @return list<TaskAnswer>
     */
    private function next(Plant $plant, array $cases, DateTimeImmutable $now): array
    {
        $own = LeafTest::query()->where('plant_id', $plant->id)->pluck('id')->all();
        $mine = array_filter($this->tasks->all($now), static fn(Task $task): bool => match ($task->kind) {
            TaskKind::CountAfter, TaskKind::NextRound, TaskKind::FirstRound, TaskKind::LookOver => in_array($task->ref, $cases, true),
            TaskKind::ReadLeafTest => in_array($task->ref, $own, true),
            default => false,
        });

        return array_map(fn(array $row): TaskAnswer => TaskAnswers::of($row, $this->findings), Agenda::sort(array_values($mine), $now));
    }
}
