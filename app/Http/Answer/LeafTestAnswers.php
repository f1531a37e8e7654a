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
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\LeafWords;
use Illuminate\Database\Eloquent\Collection;

/** Tells of a leaf test with its looks and what it says. */
final readonly class LeafTestAnswers
{
    public const WITH = ['readings', 'plant', 'batch', 'photos:id,leaf_test_id,leaf,before'];

    public function __construct(private LeafWords $words, private SourceCatalogue $sources) {}

    public function of(LeafTest $test, DateTimeImmutable $now, ?SavedAnswer $saved = null): LeafTestAnswer
    {
        return $this->many(new Collection([$test]), $now, $saved)[0];
    }

    /**
     * @param Collection<int, LeafTest> $tests
     *
     * @return list<LeafTestAnswer>
     */
    public function all(Collection $tests, DateTimeImmutable $now): array
    {
        return $this->many($tests, $now, null);
    }

    /**
     * What goes with them is asked once for all of them.
     *
     * @param Collection<int, LeafTest> $tests
     *
     * @return list<LeafTestAnswer>
     */
    private function many(Collection $tests, DateTimeImmutable $now, ?SavedAnswer $saved): array
    {
        $tests->loadMissing(self::WITH);
        $cases = array_values(array_filter($tests->map(static fn(LeafTest $test): ?int => $test->batch->case_id)->all(), is_int(...)));
        $readings = $tests->flatMap(static fn(LeafTest $test): array => $test->readings->modelKeys())->all();
        $ready = ReadyBatches::of(array_values(array_unique($cases)), $now);
        $changes = Corrections::counts(LeafTest::class, array_values(array_filter($tests->modelKeys(), is_int(...))));
        $readingChanges = Corrections::counts(LeafReading::class, array_values(array_filter($readings, is_int(...))));

        return array_values($tests->map(fn(LeafTest $test): LeafTestAnswer => $this->with($test, $ready, $changes[$test->id] ?? 0, $readingChanges, $now, $saved))->all());
    }

    /**
     * @param array<int, int> $ready          what waits to be sprayed, by case
     * @param array<int, int> $readingChanges how often each reading was changed
     */
    private function with(LeafTest $test, array $ready, int $changes, array $readingChanges, DateTimeImmutable $now, ?SavedAnswer $saved): LeafTestAnswer
    {
        $rules = FromNotebook::leafTest($test);
        $outcome = $rules->outcome($now);
        $source = $outcome->source() === null ? null : $this->sources->get($outcome->source());

        return new LeafTestAnswer(
            $test->id,
            $test->submission,
            $test->version,
            self::batch($test->batch, $ready),
            new RefAnswer($test->plant->id, $test->plant->submission, $test->plant->name),
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
            $source?->standing->value,
            $source?->words() ?? '',
            $this->weaker($rules, $now),
            array_values($test->readings->map(static fn(LeafReading $reading): ReadingAnswer => new ReadingAnswer(
                $reading->id,
                $reading->submission,
                $reading->version,
                Instant::of($reading->read_at),
                array_map(SeenLeafAnswer::of(...), FromNotebook::leaves($reading)),
                Words::of($reading->weather),
                $reading->notes,
                $readingChanges[$reading->id] ?? 0,
                $reading->who,
            ))->all()),
            $changes,
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

    /** @param array<int, int> $ready */
    private static function batch(Batch $batch, array $ready): TestedBatchAnswer
    {
        return new TestedBatchAnswer($batch->id, $batch->name, $batch->case_id, $batch->case_id !== null && ($ready[$batch->case_id] ?? null) === $batch->id);
    }
}
