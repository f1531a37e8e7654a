<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Words\Say;

/** A line as somebody says it, and the water or the finished spray that it is for. */
final readonly class SumsInput
{
    private const LONGEST_LINE = 2000;

    private function __construct(public string $line, public Amount $make, public BasisOf $of) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $object = $node->object(['line', 'make', 'of']);
        $volume = AmountReader::vessel($object->get('make'), Say::it('input/sums-input.volume-to-make'));
        $unit = AmountReader::volumeUnit($object->get('make'));

        return new self(
            $object->get('line')->text(self::LONGEST_LINE),
            Amount::of($volume->millilitres() / $unit->factor(), $unit),
            BasisOf::from($object->get('of')->word(array_column(BasisOf::cases(), 'value'), 'basis')),
        );
    }
}
