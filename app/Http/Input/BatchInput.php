<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Sprayer;
use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** A batch that somebody starts to mix: the bench as it stands, and what it is for. */
final readonly class BatchInput
{
    public function __construct(
        public Sent $sent,
        public Bench $bench,
        public ?Sprayer $sprayer,
        public ?Plant $plant,
        public ?PestCase $case,
        public ?Course $course,
        /** The jar of a stock that it is poured from. */
        public ?Batch $jar,
        /** Whether it is a cup for a leaf test. */
        public bool $forLeafTest,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, BenchReader $benches): self
    {
        $sent = Sent::opened($node, ['bench', 'sprayerId', 'plantId', 'caseId', 'courseId', 'stockBatchId', 'forLeafTest'], correcting: false);
        $object = $sent->object;

        return new self(
            $sent,
            $benches->read($object->get('bench')),
            Existing::maybe($object->optional('sprayerId'), Sprayer::query(), 'sprayer'),
            Existing::maybe($object->optional('plantId'), Plant::query(), 'plant'),
            Existing::maybe($object->optional('caseId'), PestCase::query(), 'case'),
            Existing::maybe($object->optional('courseId'), Course::query(), 'course'),
            Existing::maybe($object->optional('stockBatchId'), Batch::query(), 'jar'),
            $object->optional('forLeafTest')?->flag() ?? false,
        );
    }
}
