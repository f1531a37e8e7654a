<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use App\Models\PestCase;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** A walk through the bed, as somebody begins it. */
final readonly class RunInput
{
    private const LONGEST_REASON = 500;

    /** @param list<PestCase> $cases in the order in which they are sprayed */
    private function __construct(public Sent $sent, public Batch $batch, public array $cases, public ?bool $rinses, public string $override, public bool $byHand) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $sent = Sent::opened($node, ['batchId', 'caseIds', 'rinses', 'byHand', 'override'], false);
        $batch = Existing::of($sent->object->get('batchId'), Batch::query(), 'batch');
        if ($batch->made_at === null) {
            throw $sent->object->get('batchId')->fault(Say::it('input/run-input.batch-not-mixed-yet-finish'));
        }
        if ($batch->discarded_at !== null) {
            throw $sent->object->get('batchId')->fault(Say::it('input/run-input.batch-was-thrown-away-or'));
        }
        $cases = [];
        foreach ($sent->object->get('caseIds')->items(1, InputLines::MOST_TOGETHER['value'], 'cases') as $one) {
            $case = Existing::of($one, PestCase::any(PestCase::query()), 'case');
            if ($case->closed_at !== null) {
                throw $one->fault(Say::it('input/run-input.case-closed'));
            }
            if (isset($cases[$case->id])) {
                throw $one->fault(Say::it('input/run-input.case-stands-here-twice'));
            }
            $cases[$case->id] = $case;
        }

        return new self($sent, $batch, array_values($cases), $sent->object->filled('rinses')?->flag(), trim($sent->object->optional('override')?->text(self::LONGEST_REASON) ?? ''), $sent->object->optional('byHand')?->flag() ?? false);
    }
}
