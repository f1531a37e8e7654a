<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\Reaction;

/** One look at the test leaves, each leaf by itself. */
final readonly class ReadingInput
{
    private const LONGEST_NOTE = 1000;

    /** @param list<Reaction> $reactions */
    public function __construct(
        public Sent $sent,
        public DateTimeImmutable $readAt,
        public array $reactions,
        public string $notes,
    ) {}

    /** As the notebook keeps it. */
    public function stored(): string
    {
        return implode(' ', array_map(static fn(Reaction $reaction): string => $reaction->value, $this->reactions));
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, int $leaves, DateTimeImmutable $appliedAt, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['readAt', 'reactions', 'notes'], $correcting);
        $object = $sent->object;
        $readAt = Moment::past($object->optional('readAt'), $now);
        if ($readAt < $appliedAt) {
            throw ($object->optional('readAt') ?? $node)->fault('The leaves cannot be looked at before they were wetted.');
        }

        return new self(
            $sent,
            $readAt,
            array_map(
                static fn(Node $item): Reaction => Reaction::from($item->word(array_column(Reaction::cases(), 'value'), 'reaction')),
                $object->get('reactions')->items($leaves, $leaves, 'leaves'),
            ),
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
        );
    }
}
