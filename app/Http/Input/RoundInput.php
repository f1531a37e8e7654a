<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** One application of a batch to a case. */
final readonly class RoundInput
{
    private const LONGEST_NOTE = 1000;

    private const LONGEST_REASON = 500;

    public function __construct(
        public Sent $sent,
        public Batch $batch,
        public DateTimeImmutable $sprayedAt,
        public bool $handWork,
        /** Whether it was rinsed off within a day, by hand. */
        public bool $rinsed,
        public string $notes,
        /** Why it goes without proof; empty where nobody said. */
        public string $override,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['batch', 'sprayedAt', 'handWork', 'rinsed', 'notes', 'override'], $correcting);
        $object = $sent->object;
        $batch = Existing::named($object->get('batch'), Batch::query(), 'batch');
        $sprayedAt = Moment::past($object->optional('sprayedAt'), $now);
        if ($batch->made_at === null || $sprayedAt < $batch->made_at->modify('-1 minute')) {
            throw $object->get('batch')->fault(Say::it('input/round-input.batch-sprayed-once-mixed-and', ['batch' => $batch->name]));
        }

        return new self(
            $sent,
            $batch,
            $sprayedAt,
            $object->optional('handWork')?->flag() ?? false,
            $object->optional('rinsed')?->flag() ?? false,
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
            trim($object->optional('override')?->text(self::LONGEST_REASON) ?? ''),
        );
    }
}
