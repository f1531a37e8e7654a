<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\BatchScoop;
use App\Records\BatchBook;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\HistoryReader;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Whether what was taken in of a batch hangs together: its tally is that of its document, and what was done with it can be read. */
final readonly class SoundBatches
{
    public function __construct(private BatchBook $book) {}

    /** @throws InvalidDocument at the entry, when it does not */
    public function check(int $id, Node $entry): void
    {
        $batch = Batch::query()->withoutGlobalScopes()->with('items.scoops.ticks')->findOrFail($id);
        $record = $this->book->record($batch);
        if ($record->id !== $batch->getAttribute('submission')) {
            throw $entry->fault(Say::it('log/sound-batches.document-of-this-batch-bears'));
        }
        if (self::tally($record) !== self::laidOut($batch)) {
            throw InvalidDocument::because("{$entry->path}/items", Say::it('log/sound-batches.tally-of-this-batch-not'), null);
        }
        try {
            (new HistoryReader($record))->read(JsonText::parse(json_encode(HistoryWriter::write($this->book->history($batch, $record)), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)));
        } catch (InvalidDocument $fault) {
            throw InvalidDocument::because($entry->path, $fault->getMessage(), null);
        }
    }

    /** @return list<string> */
    private static function tally(BatchRecord $record): array
    {
        $all = [];
        foreach ($record->loads as $i => $load) {
            foreach ($load->items as $key => $item) {
                $all[] = ($i + 1) . "/{$key}/" . count($item->measured->scoops);
            }
        }
        sort($all);

        return $all;
    }

    /** @return list<string> */
    private static function laidOut(Batch $batch): array
    {
        $all = [];
        foreach ($batch->items as $item) {
            $positions = $item->scoops->map(static fn(BatchScoop $scoop): int => $scoop->position)->sort()->values()->all();
            $all[] = "{$item->load}/{$item->key}/" . ($positions === array_keys($positions) ? count($positions) : 'gaps');
        }
        sort($all);

        return $all;
    }
}
