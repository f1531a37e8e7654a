<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** A leaf test that somebody starts. */
final readonly class LeafTestInput
{
    public function __construct(
        public Sent $sent,
        public Batch $batch,
        public Plant $plant,
        public int $leaves,
        public int $waitHours,
        public DateTimeImmutable $appliedAt,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['batchId', 'plantId', 'leaves', 'waitHours', 'appliedAt'], $correcting);
        $object = $sent->object;
        $waitNode = $object->optional('waitHours');
        $wait = $waitNode?->whole(1, 168) ?? LeafLines::WAITS['value'][0];
        if ($waitNode !== null && ! in_array($wait, LeafLines::WAITS['value'], true)) {
            throw $waitNode->fault('The wait is ' . implode(' or ', LeafLines::WAITS['value']) . ' hours, found {found}.');
        }
        $batch = Existing::of($object->get('batchId'), Batch::query(), 'batch');
        $appliedAt = Moment::past($object->optional('appliedAt'), $now);
        if ($batch->made_at === null || $appliedAt < $batch->made_at->modify('-1 minute')) {
            throw $object->get('batchId')->fault('A batch is tested once it is mixed and saved; batch {found} was not mixed yet at that time.');
        }

        return new self(
            $sent,
            $batch,
            Existing::of($object->get('plantId'), Plant::query(), 'plant'),
            $object->optional('leaves')?->whole(1, LeafLines::MOST_LEAVES['value']) ?? LeafLines::USUAL_LEAVES['value'],
            $wait,
            $appliedAt,
        );
    }
}
