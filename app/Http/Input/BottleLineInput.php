<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use IdleMixer\Core\Batch\BottleLineKind;
use IdleMixer\Core\Batch\BottleLineReader;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;

/** Something that happened to what is mixed. */
final readonly class BottleLineInput
{
    private function __construct(
        public Sent $sent,
        /** The batch whose rest it was filled onto; null for whatever else happened. */
        public ?Batch $rest,
        /** mL of that rest; null for all that is left of it. */
        public ?float $millilitres,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found; what happened is read against the batch it happened to */
    public static function read(Node $node): self
    {
        $sent = Sent::opened($node, [...BottleLineReader::KEYS, 'restOf'], correcting: false);
        $object = $sent->object;
        $isRest = $object->get('kind')->text(InputLines::LONGEST_SLUG['value']) === BottleLineKind::OverRest->value;
        $amount = $isRest ? $object->optional('amount') : null;

        return new self(
            $sent,
            $isRest ? Existing::named($object->get('restOf'), Batch::query(), 'batch') : null,
            $amount === null ? null : AmountReader::read($amount, Dimension::Volume)->volume()->millilitres(),
        );
    }
}
