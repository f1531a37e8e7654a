<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** A spoon, a syringe with marks, a dropper or a scale, as somebody enters it. */
final readonly class MeasureInput
{
    private const KINDS = ['level', 'marked', 'dropper', 'scale'];

    private function __construct(public Sent $sent, public string $name, public Amount $holds, public string $kind, public ?float $step) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['name', 'holds', 'kind', 'step'], $correcting);
        $object = $sent->object;
        $kind = $object->optional('kind')?->word(self::KINDS, Say::it('input/measure-input.kind-of-measure')) ?? 'level';
        $holds = AmountReader::measure($object->get('holds'), $kind === 'scale' ? Dimension::Mass : Dimension::Volume);
        $step = $kind === 'marked' ? $object->get('step')->positive() : null;
        if ($step !== null) {
            try {
                Graduation::marks($holds, $step);
            } catch (InvalidQuantity $e) {
                throw $object->get('step')->fault($e->getMessage());
            }
        }

        return new self(
            $sent,
            trim($object->get('name')->line(RecipeReader::MAX_NAME, 1)),
            $holds,
            $kind,
            $step,
        );
    }
}
