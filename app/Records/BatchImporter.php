<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\BatchStep;
use App\Models\Correctable;
use App\Models\StandTestRecord;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLineWriter;
use IdleMixer\Core\Batch\Glass;
use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\HistoryReader;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Batch\Moments;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use Illuminate\Support\Str;

/** Takes in a batch that another notebook wrote. One that is here already stays as it is; call it inside a transaction. */
final readonly class BatchImporter
{
    public function __construct(private BatchReader $reader, private RecipeReader $recipes, private RecipeShelf $shelf, private Tallies $tallies, private BatchBook $book) {}

    /**
     * @return array{Batch, bool} the batch, and whether it was taken in now
     *
     * @throws InvalidDocument with the path of the first fault found
     * @throws TwoVersions     when it is here already, and something else was done with it here
     */
    public function take(Node $node, DateTimeImmutable $now): array
    {
        $record = $this->reader->read($node);
        $object = $node->open();
        $recipe = $this->recipes->read($object->get('recipe'));
        $said = $object->filled('record');
        $history = $said === null ? new History($now, [], [], [], null, null) : (new HistoryReader($record))->read($said);

        $here = Batch::query()->withoutGlobalScope(Correctable::TAKEN_BACK)->where('submission', $record->id)->first();
        if ($here !== null) {
            if (! $this->holds($here, $node)) {
                throw TwoVersions::hereAlready($here);
            }

            return [$here, false];
        }
        $batch = Batch::query()->create([
            'submission' => $record->id,
            'recipe_version_id' => $this->shelf->keep($recipe)->id,
            'document' => self::frozen($node),
            ...BatchStarter::index($record),
            ...self::done($record, $history),
        ]);
        $this->tallies->layOut($batch, $record);
        $this->tallies->tick($batch, $history->ticks);
        foreach ($history->glasses as $glass) {
            StandTestRecord::query()->create(self::glass($batch, $glass));
        }
        foreach ($history->steps as $step) {
            BatchStep::query()->create(['batch_id' => $batch->id, 'load' => $step->load, 'number' => $step->number, 'ticked_at' => $step->at]);
        }

        return [$batch->refresh(), true];
    }

    /** Whether all that a document tells is in the notebook already, where more may have been done since. */
    private function holds(Batch $here, Node $node): bool
    {
        return self::contains(json_decode($this->book->document($here), true, flags: \JSON_THROW_ON_ERROR), json_decode($node->json(), true, flags: \JSON_THROW_ON_ERROR));
    }

    private static function contains(mixed $here, mixed $told): bool
    {
        if (! is_array($told)) {
            return $told === null || $here === $told || (is_numeric($told) && is_numeric($here) && (float) $told === (float) $here);
        }
        foreach ($told as $key => $one) {
            $there = is_array($here) ? $here : [];
            $found = array_is_list($told) ? array_filter($there, static fn(mixed $each): bool => self::contains($each, $one)) !== [] : self::contains($there[$key] ?? null, $one);
            if (! $found) {
                return false;
            }
        }

        return true;
    }

    private static function frozen(Node $node): string
    {
        $document = json_decode($node->json(), flags: \JSON_THROW_ON_ERROR);
        if ($document instanceof \stdClass) {
            unset($document->record);
        }

        return json_encode($document, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    private static function done(BatchRecord $record, History $history): array
    {
        $rescues = [];
        foreach ($history->rescues as $load => $rescue) {
            $rescues[$load] = ['version' => $rescue->version, 'taken' => ['load' => $load, ...HistoryWriter::rescue($rescue)]];
        }
        $glasses = $history->glasses;
        $last = $glasses === [] ? 'not-done' : $glasses[count($glasses) - 1]->result->value;
        $finish = $history->finish;
        $made = $finish?->made;

        return [
            'rescues' => json_encode((object) $rescues, \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            'started_at' => $history->startedAt,
            'stand_test' => $finish->standTest->value ?? $last,
            'keeping' => $finish->keeping->value ?? 'strict',
            'notes' => $finish->notes ?? '',
            'made_at' => $finish?->madeAt,
            'discard_at' => $finish?->discardAt,
            'discarded_at' => $history->discardedAt,
            'used_up' => $history->usedUp,
            'for_leaf_test' => $history->forLeafTest,
            'lines' => json_encode(array_map(BottleLineWriter::write(...), $history->lines), \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            'mixed' => json_encode(array_map(Moments::written(...), $history->mixed), \JSON_THROW_ON_ERROR),
            'made' => $made === null ? null : json_encode(MadeWriter::write($made), \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
        ];
    }

    /** @return array<string, mixed> */
    private static function glass(Batch $batch, Glass $glass): array
    {
        return [
            'submission' => Str::uuid()->toString(),
            'batch_id' => $batch->id,
            'tested_at' => $glass->at,
            'result' => $glass->result->value,
            'seconds' => $glass->seconds,
            'height_mm' => $glass->height,
        ];
    }
}
