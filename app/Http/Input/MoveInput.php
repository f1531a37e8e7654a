<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Words\Say;

/** Another time for a task, or that it is skipped, as somebody says it. */
final readonly class MoveInput
{
    private const LONGEST_REASON = 500;

    private function __construct(public Sent $sent, private TaskKind $kind, private int $ref, private DateTimeImmutable $planned, private ?DateTimeImmutable $to, private string $reason) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, ['kind', 'ref', 'plannedAt', 'to', 'reason'], false);
        $object = $sent->object;
        $far = $now->modify('+' . ScheduleLines::LONGEST_PACE['value'] . ' days');
        $to = $object->filled('to')?->instant($now->modify('-1 day'), $far);
        $reason = trim($object->get('reason')->text(self::LONGEST_REASON));
        if ($to === null && $reason === '') {
            throw $object->get('reason')->fault(Say::it('input/move-input.say-why-skipped-stays-in'));
        }

        return new self(
            $sent,
            TaskKind::from($object->get('kind')->word(array_column(TaskKind::cases(), 'value'), Say::it('input/move-input.kind-of-task'))),
            $object->get('ref')->whole(1, \PHP_INT_MAX),
            $object->get('plannedAt')->instant($now->modify('-10 years'), $far),
            $to,
            $reason,
        );
    }

    /** @return array<string, mixed> as they are kept */
    public function columns(DateTimeImmutable $now): array
    {
        return ['kind' => $this->kind->value, 'ref' => $this->ref, 'due_at' => $this->planned, 'moved_to' => $this->to, 'reason' => $this->reason, 'made_at' => $now];
    }
}
