<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** One count of the pest of a case. */
final readonly class CountInput
{
    /** Nobody counts further by eye: our own bound. */
    public const MOST = 1_000_000.0;

    private const LONGEST_NOTE = 1000;

    public function __construct(
        public Sent $sent,
        public DateTimeImmutable $countedAt,
        public float $value,
        public bool $untreated,
        public string $notes,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['countedAt', 'value', 'untreated', 'notes'], $correcting);
        $object = $sent->object;

        return new self(
            $sent,
            Moment::past($object->optional('countedAt'), $now),
            $object->get('value')->countUpTo(self::MOST),
            $object->optional('untreated')?->flag() ?? false,
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
        );
    }
}
