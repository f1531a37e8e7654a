<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Something bought that went on all plants of a course: what is mixed here is sprayed on a walk. */
final readonly class CourseRoundInput
{
    private function __construct(public Sent $sent, public Bought $bought, public DateTimeImmutable $at, public string $notes) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['bought', 'sprayedAt', 'notes'], correcting: false);
        $object = $sent->object;

        return new self($sent, BoughtInput::read($object->get('bought')), Moment::past($object->optional('sprayedAt'), $now), $object->optional('notes')?->text(RoundInput::LONGEST_NOTE) ?? '');
    }
}
