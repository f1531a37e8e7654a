<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\BatchStep;
use App\Models\StandTestRecord;
use DateTimeImmutable;
use IdleMixer\Core\Batch\AsMadeRecord;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\Finish;
use IdleMixer\Core\Batch\FromBottles;
use IdleMixer\Core\Batch\Glass;
use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\HistoryReader;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\KeptLineReader;
use IdleMixer\Core\Batch\MadeReader;
use IdleMixer\Core\Batch\Moments;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Batch\StepDone;
use IdleMixer\Core\Batch\Tick;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Gate\AsMeasured;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\StandTest;

/** Reads a batch from the notebook: what it was started from, and what was done with it since. */
final class BatchBook
{
    /** So many that are read stay read: a plant asks for the same few again and again, a log for thousands once. */
    private const MOST_READ = 64;

    /** @var array<string, BatchRecord> by what they were read from */
    private array $read = [];

    public function __construct(private readonly BatchReader $reader) {}

    public function record(Batch $batch): BatchRecord
    {
        $from = hash('xxh128', $batch->document);
        if (! isset($this->read[$from]) && count($this->read) >= self::MOST_READ) {
            $this->read = [];
        }

        return $this->read[$from] ??= $this->reader->read(JsonText::kept($batch->document));
    }

    /** What its recipe is for. */
    public function use(Batch $batch): RecipeUse
    {
        return RecipeUse::from(JsonText::kept($batch->document)->open()->get('recipe')->open()->get('use')->text(InputLines::LONGEST_SLUG['value']));
    }

    /** All loads of it together, as they were planned. */
    public function planned(BatchRecord $record): Mixture
    {
        return AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
    }

    /** @return list<array{Part, DateTimeImmutable|null}> what went into it from the bottles of the shelf, and when, where that was not when it was mixed */
    public function fromBottles(Batch $batch): array
    {
        $record = $this->record($batch);

        return FromBottles::of($record, self::lines($batch, $record), $batch->stock_batch_id !== null);
    }

    public function history(Batch $batch, BatchRecord $record): History
    {
        $glasses = $batch->standTests->map(static fn(StandTestRecord $test): Glass => new Glass($test->tested_at, StandTest::from($test->result), $test->seconds, $test->height_mm))->all();

        return new History($batch->started_at, self::ticks($batch), $this->rescues($batch, $record), array_values($glasses), self::finish($batch), $batch->discarded_at, array_values($batch->steps->map(static fn(BatchStep $step): StepDone => new StepDone($step->load, $step->number, $step->ticked_at))->all()), $batch->used_up, $batch->for_leaf_test, self::lines($batch, $record), self::mixed($batch, $record));
    }

    /** @return list<BottleLine> that its plan does not know, earliest first */
    public static function lines(Batch $batch, BatchRecord $record): array
    {
        return array_map((new KeptLineReader($record))->read(...), JsonText::kept($batch->lines)->items(0, InputLines::MOST_GLASSES['value'], 'lines'));
    }

    /** @return list<DateTimeImmutable> when each load was mixed; where nobody said so, all of one that is made */
    public static function mixed(Batch $batch, BatchRecord $record): array
    {
        $said = array_map(Moments::read(...), JsonText::kept($batch->mixed)->items(0, count($record->loads), Say::it('batch/history-reader.loads')));

        return $said === [] && $batch->made_at !== null ? array_fill(0, count($record->loads), $batch->made_at) : $said;
    }

    public static function made(Batch $batch): ?AsMadeRecord
    {
        return $batch->made === null ? null : MadeReader::read(JsonText::kept($batch->made));
    }

    /** What is in it, for proof and evidence; null where nobody knows because not every spoonful was ticked. */
    public static function composition(Batch $batch): ?Composition
    {
        $made = self::made($batch);

        return $made?->isKnown() === true ? $made->composition : null;
    }

    /** The same as it is judged: what spoons are always off counts for what was meant, at every door. */
    public function judged(Batch $batch): ?Composition
    {
        $made = self::composition($batch);

        return $made === null ? null : AsMeasured::of($made, Composition::of([$this->planned($this->record($batch))]));
    }

    /** @return array<int, Rescue> by load */
    public function rescues(Batch $batch, BatchRecord $record): array
    {
        $reader = new HistoryReader($record);
        $all = [];
        foreach (self::rescued($batch) as $number => $one) {
            $taken = (array) $one['taken'];
            $all[$number] = $reader->rescue(new Node((object) [...$taken, 'version' => $one['version']], ''), $number);
        }

        return $all;
    }

    /** @return array<int, array{version: int, taken: \stdClass}> by load, each with the version of the batch that it made */
    public static function rescued(Batch $batch): array
    {
        $all = [];
        foreach ((array) json_decode($batch->rescues, flags: \JSON_THROW_ON_ERROR) as $number => $one) {
            if ($one instanceof \stdClass && $one->taken instanceof \stdClass && is_int($one->version)) {
                $all[(int) $number] = ['version' => $one->version, 'taken' => $one->taken];
            }
        }

        return $all;
    }

    /** The whole as its open document: what it was started from, and under `record` what was done with it. */
    public function document(Batch $batch): string
    {
        $frozen = rtrim($batch->document);
        $record = $this->record($batch);
        $history = json_encode(HistoryWriter::write($this->history($batch, $record)), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);

        // What was frozen goes out byte by byte as it was written.
        return substr($frozen, 0, -1) . ',"record":' . $history . '}';
    }

    /** @return list<Tick> of all loads */
    public static function ticks(Batch $batch): array
    {
        $ticks = [];
        foreach ($batch->items as $item) {
            foreach ($item->scoops as $scoop) {
                foreach ($scoop->ticks as $tick) {
                    $ticks[] = new Tick($item->load, $item->key, $scoop->position, $tick->number, $tick->ticked_at, $tick->again_at);
                }
            }
        }

        return $ticks;
    }

    private static function finish(Batch $batch): ?Finish
    {
        return $batch->made_at === null ? null : new Finish(
            $batch->made_at,
            $batch->discard_at ?? $batch->made_at,
            StandTest::from($batch->stand_test),
            Keeping::from($batch->keeping),
            $batch->notes,
            self::made($batch),
        );
    }
}
