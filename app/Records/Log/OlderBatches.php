<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Declared\Arrivals;
use App\Declared\Kept\Batches;
use App\Declared\Record;
use App\Declared\Values\Text;
use App\Records\BatchImporter;
use App\Records\TwoVersions;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** A log of version 1 holds batches as their open documents, and little beside them. */
final readonly class OlderBatches
{
    public function __construct(private BatchImporter $importer) {}

    public function isOlder(Record $record, Node $node): bool
    {
        return $record instanceof Batches && $node->isObject() && $node->open()->has('batch');
    }

    /**
     * @throws InvalidDocument with the path of the first fault found
     * @throws TwoVersions     when it is here already, and something else was done with it here
     */
    public function take(Node $node, Arrivals $arrivals, DateTimeImmutable $now): int
    {
        $entry = $node->object(['plant', 'jar', 'forLeafTest', 'usedUp', 'batch']);
        $plant = $entry->filled('plant');
        $jar = $entry->filled('jar');
        [$batch, $new] = $this->importer->take($entry->get('batch'), $now);
        if ($new) {
            $plantId = $plant === null ? null : $arrivals->identities->row('plants', Text::uuid()->read($plant));
            if ($plant !== null && $plantId === null) {
                throw $plant->fault(Say::it('log/older-batches.plant-neither-in-this-notebook'));
            }
            // The jar may stand further down: what is not here yet is left open.
            $batch->update([
                'plant_id' => $plantId,
                'stock_batch_id' => $jar === null ? null : $arrivals->identities->row('batches', Text::uuid()->read($jar)),
                'for_leaf_test' => $entry->filled('forLeafTest')?->flag() ?? $batch->for_leaf_test,
                'used_up' => $entry->filled('usedUp')?->flag() ?? $batch->used_up,
            ]);
        }

        return $new ? 1 : 0;
    }
}
