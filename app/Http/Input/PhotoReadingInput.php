<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Photo\Reading;
use IdleMixer\Core\Words\Say;

/** How somebody wants a photograph read. */
final class PhotoReadingInput
{
    private const MOST = 40;

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): Reading
    {
        $object = $node->object(['strictness', 'leaveOut', 'healthy']);
        $strictness = $object->optional('strictness');

        return new Reading($strictness === null ? 0.0 : self::between($strictness, -1.0, 1.0), self::circles($object->optional('leaveOut')), self::circles($object->optional('healthy')));
    }

    /** @return list<array{float, float, float}> */
    private static function circles(?Node $node): array
    {
        return array_map(static function (Node $one): array {
            $circle = $one->object(['x', 'y', 'radius']);

            return [self::between($circle->get('x'), 0.0, 1.0), self::between($circle->get('y'), 0.0, 1.0), self::between($circle->get('radius'), 0.0, 1.0)];
        }, $node?->items(0, self::MOST, 'places') ?? []);
    }

    private static function between(Node $node, float $low, float $high): float
    {
        $value = $node->number();

        return $value >= $low && $value <= $high ? $value : throw $node->fault(Say::it('input/photo-reading-input.expected-number-from-to-found', ['low' => $low, 'high' => $high]));
    }
}
