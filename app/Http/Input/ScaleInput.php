<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** One step of the kitchen scale at hand, in g. */
final class ScaleInput
{
    /** A scale that shows less often is no kitchen scale. */
    private const COARSEST = 100.0;

    /** @throws InvalidDocument when it is no number above 0 and up to 100 */
    public static function of(?Node $node): ?Amount
    {
        return $node === null || $node->isNull() ? null : Amount::of($node->positive(self::COARSEST), Unit::Gram);
    }

    /**
     * The same from the query of an address, where everything is text.
     *
     * @throws InvalidDocument when it is no number above 0 and up to 100
     */
    public static function ofQuery(mixed $given): ?Amount
    {
        return $given === null ? null : self::of(new Node(is_string($given) && is_numeric($given) ? (float) $given : $given, '/scale'));
    }
}
