<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\LeafPhoto;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Records\BatchBook;
use App\Records\Corrections;
use App\Records\FromNotebook;
use App\Records\ReadyBatches;
use App\Records\Words;
use DateTimeImmutable;
use IdleMixer\Core\Leaf\LeafTest as LeafRules;
use IdleMixer\Core\Leaf\TestLeaf;
use IdleMixer\Core\Leaf\Weaker;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\LeafWords;

/** Tells of a leaf test with its looks and what it says. */
final readonly class LeafTestAnswers
{
    public const WITH = ['readings', 'plant', 'batch', 'photos:id,leaf_test_id,leaf,before'];

    public function __construct(private LeafWords $words) {}

    public function of(LeafTest $test, DateTimeImmutable $now, ?SavedAnswer $saved = null): LeafTestAnswer
    {
        $test->loadMissing(self::WITH);
        $rules = FromNotebook::leafTest($test);
        $outcome = $rules->outcome($now);

        return new LeafTestAnswer(
            $test->id,
            $test->version,
            self::batch($test->batch, $now),
            new RefAnswer($test->plant->id, $test->plant->name),
            CompositionWords::of(BatchBook::composition($test->batch)),
            $test->leaves,
            $rules->leaves->rungs(),
            $test->controls,
            $test->shape,
            $test->marks,
            array_map(fn(TestLeaf $leaf): TestLeafAnswer => $this->leaf($leaf, $test), $rules->leaves->all),
            $test->wait_hours,
            Instant::of($test->applied_at),
            Instant::of($rules->dueAt()),
            $outcome->value,
            $outcome->level()->value,
            $this->words->outcome($rules, $now),
            $this->weaker($rules, $now),
            array_values($test->readings->map(static fn(LeafReading $reading): ReadingAnswer => new ReadingAnswer(
                $reading->id,
                $reading->version,
                Instant::of($reading->read_at),
                array_map(SeenLeafAnswer::of(...), FromNotebook::leaves($reading)),
                Words::of($reading->weather),
                $reading->notes,
                Corrections::count($reading),
                $reading->who,
            ))->all()),
            Corrections::count($test),
            $saved,
        );
    }

    private function leaf(TestLeaf $leaf, LeafTest $test): TestLeafAnswer
    {
        $has = static fn(bool $before): bool => $test->photos->contains(static fn(LeafPhoto $photo): bool => $photo->leaf === $leaf->number && $photo->before === $before);

        return new TestLeafAnswer($leaf->number, $leaf->role->value, $leaf->rung, $this->words->leaf($leaf), $has(true), $has(false));
    }

    private function weaker(LeafRules $rules, DateTimeImmutable $now): ?WeakerAnswer
    {
        $weaker = Weaker::of($rules, $now);

        return $weaker === null ? null : new WeakerAnswer($weaker->factor, $this->words->rung($weaker->factor), $weaker->proven);
    }

    private static function batch(Batch $batch, DateTimeImmutable $now): TestedBatchAnswer
    {
        return new TestedBatchAnswer($batch->id, $batch->name, $batch->case_id, $batch->case_id !== null && (ReadyBatches::of([$batch->case_id], $now)[$batch->case_id] ?? null) === $batch->id);
    }
}
