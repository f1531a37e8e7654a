<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Records\BatchBook;
use App\Records\Corrections;
use App\Records\FromNotebook;
use DateTimeImmutable;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Findings;

/** Tells of a leaf test with its looks and what it says. */
final readonly class LeafTestAnswers
{
    public const WITH = ['readings', 'plant', 'batch'];

    public function __construct(private Findings $findings) {}

    public function of(LeafTest $test, DateTimeImmutable $now, ?SavedAnswer $saved = null): LeafTestAnswer
    {
        $test->loadMissing(self::WITH);
        $rules = FromNotebook::leafTest($test);
        $outcome = $rules->outcome($now);

        return new LeafTestAnswer(
            $test->id,
            $test->version,
            new TestedBatchAnswer($test->batch->id, $test->batch->name, $test->batch->case_id),
            new RefAnswer($test->plant->id, $test->plant->name),
            CompositionWords::of(BatchBook::composition($test->batch)),
            $test->leaves,
            $test->wait_hours,
            Instant::of($test->applied_at),
            Instant::of($rules->dueAt()),
            $outcome->value,
            $outcome->level()->value,
            $this->findings->leafTest($rules, $outcome, $now),
            array_values($test->readings->map(static fn(LeafReading $reading): ReadingAnswer => new ReadingAnswer(
                $reading->id,
                $reading->version,
                Instant::of($reading->read_at),
                array_map(static fn(Reaction $reaction): string => $reaction->value, FromNotebook::reactions($reading->reactions)),
                $reading->notes,
                Corrections::count($reading),
            ))->all()),
            Corrections::count($test),
            $saved,
        );
    }
}
