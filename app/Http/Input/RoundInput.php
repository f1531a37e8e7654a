<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** One application to a case: of a batch, or of something that was bought or set out. */
final readonly class RoundInput
{
    public const LONGEST_NOTE = 1000;

    private const LONGEST_REASON = 500;

    public function __construct(
        public Sent $sent,
        /** Null where it was something bought. */
        public ?Batch $batch,
        /** Null where it was mixed. */
        public ?Bought $bought,
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
        $sent = Sent::opened($node, ['batch', 'bought', 'sprayedAt', 'handWork', 'rinsed', 'notes', 'override'], $correcting);
        $object = $sent->object;
        $bought = $object->filled('bought');
        if (($object->filled('batch') === null) === ($bought === null)) {
            throw $node->fault(Say::it('records/rounds.batch-or-bought'));
        }
        $batch = $bought === null ? Existing::named($object->get('batch'), Batch::query(), 'batch') : null;
        $sprayedAt = Moment::past($object->optional('sprayedAt'), $now);
        if ($batch !== null && ($batch->made_at === null || $sprayedAt < $batch->made_at->modify('-1 minute'))) {
            throw $object->get('batch')->fault(Say::it('input/round-input.batch-sprayed-once-mixed-and', ['batch' => $batch->name]));
        }

        return new self(
            $sent,
            $batch,
            $bought === null ? null : BoughtInput::read($bought),
            $sprayedAt,
            $object->optional('handWork')?->flag() ?? false,
            $object->optional('rinsed')?->flag() ?? false,
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
            trim($object->optional('override')?->text(self::LONGEST_REASON) ?? ''),
        );
    }

    /** @return array<string, int|string|null> what it was done with, as it is kept */
    public function columns(): array
    {
        return ['batch_id' => $this->batch?->id, ...Round::told($this->bought)];
    }
}
