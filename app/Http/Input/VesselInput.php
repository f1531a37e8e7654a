<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Vessel\SprayerShape;
use IdleMixer\Core\Words\Say;

/** A sprayer as somebody enters it: a name and what it holds. */
final readonly class VesselInput
{
    private function __construct(public Sent $sent, public string $name, public Amount $holds, public string $shape) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function sprayer(Node $node): self
    {
        $sent = Sent::opened($node, ['name', 'holds', 'shape'], correcting: false);
        $object = $sent->object;
        AmountReader::vessel($object->get('holds'), 'A sprayer');

        return new self(
            $sent,
            trim($object->get('name')->line(RecipeReader::MAX_NAME, 1)),
            AmountReader::read($object->get('holds'), Dimension::Volume),
            $object->optional('shape')?->word(array_column(SprayerShape::cases(), 'value'), Say::it('input/vessel-input.shape-of-sprayer')) ?? '',
        );
    }
}
