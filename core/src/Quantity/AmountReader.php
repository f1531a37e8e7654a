<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Reads `{"amount": 2, "unit": "[tbs_us]"}`. */
final class AmountReader
{
    /** A volume to make, or a sprayer: 10 mL to 10,000 L. */
    public const MIN_VESSEL_ML = 10.0;

    public const MAX_VESSEL_ML = 10_000_000.0;

    /** @throws InvalidDocument with the path of the fault */
    public static function read(Node $node, Dimension ...$dimensions): Amount
    {
        $object = $node->object(['amount', 'unit']);

        return self::fromParts($object->get('amount'), $object->get('unit'), ...$dimensions);
    }

    /** @throws InvalidDocument with the path of the fault */
    public static function fromParts(Node $amount, Node $unit, Dimension ...$dimensions): Amount
    {
        $value = $amount->positive();
        $code = Unit::from($unit->word(Unit::codes(...$dimensions), 'unit here'));
        if (! is_finite($value * $code->factor())) {
            throw $amount->fault('{found} is too large an amount to work with.');
        }

        return Amount::of($value, $code);
    }

    /** @throws InvalidDocument when the volume is outside 10 mL to 10,000 L */
    public static function vessel(Node $node, string $what): Volume
    {
        $volume = self::read($node, Dimension::Volume)->volume();
        $ml = $volume->millilitres();
        if ($ml < self::MIN_VESSEL_ML * (1 - 1e-12) || $ml > self::MAX_VESSEL_ML * (1 + 1e-12)) {
            throw InvalidDocument::because(
                $node->path . '/amount',
                sprintf('%s may be 10 mL to 10,000 L; this is %s mL.', $what, (string) round($ml, 6)),
                $ml,
            );
        }

        return $volume;
    }
}
