<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\LeafTest as LeafRules;

/** A leaf test that somebody starts. */
final readonly class LeafTestInput
{
    public function __construct(
        public string $submission,
        public Batch $batch,
        public Plant $plant,
        public int $leaves,
        public int $waitHours,
        public DateTimeImmutable $appliedAt,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now): self
    {
        $object = $node->object(['submission', 'batchId', 'plantId', 'leaves', 'waitHours', 'appliedAt']);
        $waitNode = $object->optional('waitHours');
        $wait = $waitNode?->whole(1, 168) ?? LeafRules::WAITS[0];
        if ($waitNode !== null && ! in_array($wait, LeafRules::WAITS, true)) {
            throw $waitNode->fault('The wait is ' . implode(' or ', LeafRules::WAITS) . ' hours, found {found}.');
        }
        $batch = Existing::of($object->get('batchId'), Batch::query(), 'batch');
        $appliedAt = Moment::past($object->optional('appliedAt'), $now);
        if ($batch->made_at === null || $appliedAt < $batch->made_at->modify('-1 minute')) {
            throw $object->get('batchId')->fault('A batch is tested once it is mixed and saved; batch {found} was not mixed yet at that time.');
        }

        return new self(
            Submission::of($object),
            $batch,
            Existing::of($object->get('plantId'), Plant::query(), 'plant'),
            $object->optional('leaves')?->whole(1, LeafRules::MOST_LEAVES) ?? 2,
            $wait,
            $appliedAt,
        );
    }
}
