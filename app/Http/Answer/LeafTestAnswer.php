<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Records\FromNotebook;
use DateTimeImmutable;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Wording\Findings;

/** A leaf test with its looks and what it says. */
final readonly class LeafTestAnswer
{
    public const WITH = ['readings', 'plant', 'batch.recipeVersion'];

    public function __construct(private Findings $findings) {}

    /** @return array<string, mixed> */
    public function of(LeafTest $test, DateTimeImmutable $now): array
    {
        $test->loadMissing(self::WITH);
        $rules = FromNotebook::leafTest($test);
        $outcome = $rules->outcome($now);

        return [
            'id' => $test->id,
            'batch' => ['id' => $test->batch->id, 'name' => $test->batch->recipeVersion->name, 'caseId' => $test->batch->case_id],
            'plant' => ['id' => $test->plant->id, 'name' => $test->plant->name],
            'leaves' => $test->leaves,
            'waitHours' => $test->wait_hours,
            'appliedAt' => Instant::of($test->applied_at),
            'dueAt' => Instant::of($rules->dueAt()),
            'outcome' => $outcome->value,
            'level' => $outcome->level(),
            'because' => $this->findings->leafTest($rules, $outcome, $now),
            'readings' => $test->readings->map(static fn(LeafReading $reading): array => [
                'id' => $reading->id,
                'readAt' => Instant::of($reading->read_at),
                'reactions' => array_map(static fn(Reaction $reaction): string => $reaction->value, FromNotebook::reactions($reading->reactions)),
                'notes' => $reading->notes,
            ])->values()->all(),
        ];
    }
}
