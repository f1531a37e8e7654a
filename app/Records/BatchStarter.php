<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Sprayer;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BatchWriter;
use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Data\BatchLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Words\Say;

/** Starts a batch: freezes the bench and its plan, and lays out the tally. */
final readonly class BatchStarter
{
    public function __construct(
        private Planner $planner,
        private BatchWriter $writer,
        private BatchReader $reader,
        private RecipeShelf $shelf,
        private RecipeCatalogue $recipes,
        private Tallies $tallies,
        private Jars $jars,
        private Whoms $whoms,
    ) {}

    /**
     * @return array{Batch, bool}
     *
     * @throws InvalidDocument when it takes more loads than one batch may have
     */
    public function start(Submitted $submitted, Bench $bench, ?Sprayer $sprayer, ?Plant $plant, ?PestCase $case, DateTimeImmutable $now, ?Batch $jar = null, bool $forLeafTest = false, ?Course $course = null): array
    {
        $meant = $case->plant ?? $plant;
        $plan = $this->planner->plan($meant === null ? $bench : $bench->for($this->whoms->of($meant, $now)));
        if ($plan->loadCount() > BatchLines::MOST_LOADS['value']) {
            throw InvalidDocument::because('/bench/request/make/amount', Say::it('records/batch-starter.this-would-take-fills-of', ['load-count' => $plan->loadCount(), 'most-loads' => BatchLines::MOST_LOADS['value']]), null);
        }

        $document = json_encode($this->writer->freeze($plan, $submitted->key, $this->recipes->methodOf($plan->bench->recipe)->usualDays()), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
        $record = $this->reader->read(JsonText::parse($document));
        if ($jar !== null) {
            $this->jars->refuse($jar, $record);
        }
        [$batch, $new] = Submissions::of(Batch::query(), $submitted, [
            'recipe_version_id' => $this->shelf->keep($plan->bench->recipe)->id,
            'sprayer_id' => $sprayer?->id,
            'plant_id' => $plant->id ?? $case?->plant_id,
            'case_id' => $case?->id,
            'course_id' => $course?->id,
            'stock_batch_id' => $jar?->id,
            'for_leaf_test' => $forLeafTest,
            'document' => $document,
            'started_at' => $now,
            ...self::index($record),
        ], fn(Batch $batch) => $this->tallies->layOut($batch, $record));

        return [$batch->refresh(), $new];
    }

    /** @return array<string, mixed> what lists and sums ask of every batch */
    public static function index(BatchRecord $record): array
    {
        return [
            'name' => $record->name,
            'make_ml' => $record->finished(),
            'first_look_hours' => $record->firstLookHours,
            'fair_look_hours' => $record->fairLookHours,
            'repeat_days' => $record->repeatDays,
        ];
    }
}
