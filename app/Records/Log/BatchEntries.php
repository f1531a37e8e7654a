<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\Plant;
use App\Records\BatchImporter;
use App\Records\TwoVersions;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Batches of a log, each with its frozen document. */
final readonly class BatchEntries
{
    public function __construct(private BatchImporter $importer) {}

    /**
     * @throws InvalidDocument with the path of the first fault found
     * @throws TwoVersions     when it is here already, and something else was done with it here
     */
    public function take(Node $node, DateTimeImmutable $now): int
    {
        $entry = $node->object(['plant', 'jar', 'forLeafTest', 'usedUp', 'batch']);
        $plant = $entry->filled('plant');
        $jar = $entry->filled('jar');
        $columns = [
            'plant_id' => $plant === null ? null : Entry::belongs($plant, Plant::query(), 'plant')->id,
            'for_leaf_test' => $entry->filled('forLeafTest')?->flag() ?? false,
            'used_up' => $entry->filled('usedUp')?->flag() ?? false,
        ];
        [$batch, $new] = $this->importer->take($entry->get('batch'), $now);
        if (! $new) {
            return 0;
        }
        // The jar may stand further down: what is not here yet is left open.
        $batch->update([...$columns, 'stock_batch_id' => $jar === null ? null : Entry::here(Entry::id($jar), Batch::query())?->id]);

        return 1;
    }
}
