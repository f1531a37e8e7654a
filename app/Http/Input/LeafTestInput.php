<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Words\Say;

/** A leaf test that somebody starts. */
final readonly class LeafTestInput
{
    private const LONGEST_MARKS = 500;

    /** @param list<float> $rungs strengths by the batch */
    public function __construct(
        public Sent $sent,
        public Batch $batch,
        public Plant $plant,
        public int $leaves,
        public array $rungs,
        public bool $controls,
        public LeafShape $shape,
        public int $waitHours,
        public DateTimeImmutable $appliedAt,
        public string $marks,
    ) {}

    /** @return array<string, mixed> as the notebook keeps it */
    public function columns(): array
    {
        return [
            'batch_id' => $this->batch->id,
            'plant_id' => $this->plant->id,
            'leaves' => $this->leaves,
            'rungs' => implode(' ', $this->rungs),
            'controls' => $this->controls,
            'shape' => $this->shape->value,
            'wait_hours' => $this->waitHours,
            'applied_at' => $this->appliedAt,
            'marks' => $this->marks,
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['batchId', 'plantId', 'leaves', 'rungs', 'controls', 'shape', 'waitHours', 'appliedAt', 'marks'], $correcting);
        $object = $sent->object;
        $waitNode = $object->optional('waitHours');
        $wait = $waitNode?->whole(min(LeafLines::WAITS['value']), max(LeafLines::WAITS['value'])) ?? LeafLines::WAITS['value'][0];
        if ($waitNode !== null && ! in_array($wait, LeafLines::WAITS['value'], true)) {
            throw $waitNode->fault(Say::it('input/leaf-test-input.wait-hours-found', ['waits' => implode(', ', LeafLines::WAITS['value'])]));
        }
        $batch = Existing::of($object->get('batchId'), Batch::query(), 'batch');
        $appliedAt = Moment::past($object->optional('appliedAt'), $now);
        if ($batch->made_at === null || $appliedAt < $batch->made_at->modify('-1 minute')) {
            throw $object->get('batchId')->fault(Say::it('input/leaf-test-input.batch-tested-once-mixed-and'));
        }

        return new self(
            $sent,
            $batch,
            Existing::of($object->get('plantId'), Plant::query(), 'plant'),
            $object->optional('leaves')?->whole(1, LeafLines::MOST_LEAVES['value']) ?? LeafLines::USUAL_LEAVES['value'],
            self::rungs($object->optional('rungs')),
            $object->optional('controls')?->flag() ?? true,
            LeafShape::from($object->optional('shape')?->word(array_column(LeafShape::cases(), 'value'), Say::it('input/leaf-test-input.shape-of-leaf')) ?? LeafShape::Oval->value),
            $wait,
            $appliedAt,
            $object->optional('marks')?->line(self::LONGEST_MARKS) ?? '',
        );
    }

    /**
     * @return non-empty-list<float> strongest first, the full strength among them
     *
     * @throws InvalidDocument when one is not of the ladder, or the full one is missing
     */
    private static function rungs(?Node $node): array
    {
        if ($node === null) {
            return [1.0];
        }
        $rungs = [];
        foreach ($node->items(1, count(LeafLines::LADDER['value']), 'strengths') as $item) {
            $rung = $item->positive();
            if (! in_array($rung, LeafLines::LADDER['value'], true) || in_array($rung, $rungs, true)) {
                throw $item->fault(Say::it('input/leaf-test-input.ladder-has-strengths-of-batch', ['ladder' => implode(', ', LeafLines::LADDER['value'])]));
            }
            $rungs[] = $rung;
        }
        if (! in_array(1.0, $rungs, true)) {
            throw $node->fault(Say::it('input/leaf-test-input.full-strength-1-belongs-to'));
        }
        rsort($rungs);

        return $rungs;
    }
}
