<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Run;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Records that something which was entered for another notebook may belong to, newest first. */
final readonly class WhereAnswers
{
    public const KINDS = ['cases', 'batches', 'leaf-tests', 'rounds', 'runs'];

    /** More than anybody looks through. */
    private const MOST = 100;

    public function __construct(private TroubleCatalogue $troubles) {}

    /** The very record that it was entered for; null where that is not in this notebook. */
    public function here(string $kind, string $key): ?WhereAnswer
    {
        $found = $this->all($kind)->where('submission', $key)->first();

        return $found === null ? null : $this->named($found);
    }

    /** @return list<WhereAnswer> those that are still open */
    public function choices(string $kind): array
    {
        $open = $this->all($kind);
        match ($kind) {
            'cases' => $open->whereNull('closed_at'),
            'batches' => $open->whereNull('discarded_at')->where('for_leaf_test', false),
            'runs' => $open->whereNull('finished_at'),
            default => $open,
        };

        return array_values($open->orderByDesc('id')->limit(self::MOST)->get()->map($this->named(...))->all());
    }

    /** @return Builder<covariant Model> */
    private function all(string $kind): Builder
    {
        return match ($kind) {
            'cases' => PestCase::query()->with('plant'),
            'batches' => Batch::query(),
            'leaf-tests' => LeafTest::query()->with(['plant', 'batch']),
            'rounds' => Round::query()->with(['case.plant', 'batch']),
            default => Run::query()->with('batch'),
        };
    }

    private function named(Model $record): WhereAnswer
    {
        return match (true) {
            $record instanceof PestCase => new WhereAnswer($record->submission, $this->on($record), Instant::of($record->opened_at)),
            $record instanceof Batch => new WhereAnswer($record->submission, $record->name, Instant::of($record->started_at)),
            $record instanceof LeafTest => new WhereAnswer($record->submission, Say::it('answers/where-answers.on', ['what' => $record->batch->name, 'where' => $record->plant->name]), Instant::of($record->applied_at)),
            $record instanceof Round => new WhereAnswer($record->submission, Say::it('answers/where-answers.on', ['what' => $record->name(), 'where' => $this->on($record->case)]), Instant::of($record->sprayed_at)),
            $record instanceof Run => new WhereAnswer($record->submission, $record->batch->name, Instant::of($record->started_at)),
            default => throw new \LogicException($record::class),
        };
    }

    private function on(PestCase $case): string
    {
        // One of many plants has no trouble of its own.
        return $case->course_id !== null ? $case->plant->name : Say::it('answers/case-answers.on', ['name' => $this->troubles->trouble($case->pest)->name, 'name-2' => $case->plant->name]);
    }
}
