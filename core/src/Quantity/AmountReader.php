<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads `{"amount": 2, "unit": "[tbs_us]"}`. */
final class AmountReader
{
    /** A volume to make, or a sprayer: 10 mL to 10,000 L. */
    public const MIN_VESSEL_ML = InputLines::SMALLEST_VESSEL['value'];

    public const MAX_VESSEL_ML = InputLines::LARGEST_VESSEL['value'];

    /** What a spoon, jug or scale step may come to, in mL or g: from less than any dropper lets go to a bucket (our own bounds). */
    public const MIN_MEASURE = InputLines::SMALLEST_MEASURE['value'];

    public const MAX_MEASURE = InputLines::LARGEST_MEASURE['value'];

    /** @throws InvalidDocument with the path of the fault */
    public static function read(Node $node, Dimension ...$dimensions): Amount
    {
        $object = $node->object(['amount', 'unit']);

        return self::fromParts($object->get('amount'), $object->get('unit'), ...$dimensions);
    }

    /** @throws InvalidDocument with the path of the fault; one is that it is more than 10,000 L, 10,000 kg or ten million pieces */
    public static function fromParts(Node $amount, Node $unit, Dimension ...$dimensions): Amount
    {
        $read = self::ofAnySize($amount, $unit, ...$dimensions);

        return self::isTooLarge($read->inBase()) ? throw $amount->fault(Say::it('quantity/amount-reader.too-large')) : $read;
    }

    /** @param float $base mL, g or pieces */
    public static function isTooLarge(float $base): bool
    {
        return $base > InputLines::LARGEST_AMOUNT['value'] * (1 + 1e-12);
    }

    private static function ofAnySize(Node $amount, Node $unit, Dimension ...$dimensions): Amount
    {
        $value = $amount->positive();
        $code = Unit::from($unit->word(Unit::codes(...$dimensions), Say::it('quantity/amount-reader.unit-here')));

        return is_finite($value * $code->factor()) ? Amount::of($value, $code) : throw $amount->fault(Say::it('quantity/amount-reader.too-large'));
    }

    /**
     * A temperature may be 0, or below: frost.
     *
     * @throws InvalidDocument when it is none, or below absolute zero
     */
    public static function temperature(Node $node): Temperature
    {
        $object = $node->object(['amount', 'unit']);
        $unit = Unit::from($object->get('unit')->word(Unit::codes(Dimension::Temperature), Say::it('quantity/amount-reader.unit-here')));
        try {
            return Temperature::of($object->get('amount')->number(), $unit);
        } catch (InvalidQuantity $e) {
            throw $object->get('amount')->fault($e->getMessage());
        }
    }

    /** @throws InvalidDocument when what is measured with holds, or shows, less than 0.001 or more than 20,000 mL or g */
    public static function measure(Node $node, Dimension $dimension): Amount
    {
        $amount = self::read($node, $dimension);
        if ($amount->inBase() < self::MIN_MEASURE || $amount->inBase() > self::MAX_MEASURE) {
            $base = $dimension === Dimension::Mass ? 'g' : 'mL';
            throw $node->object(['amount', 'unit'])->get('amount')->fault(Say::it('quantity/amount-reader.what-measured-with-may-be', ['base' => $base, 'unit' => $amount->unit->value]));
        }

        return $amount;
    }

    /**
     * The unit that a volume is said in.
     *
     * @throws InvalidDocument when it is none of volume
     */
    public static function volumeUnit(Node $node): Unit
    {
        return Unit::from($node->object(['amount', 'unit'])->get('unit')->word(Unit::codes(Dimension::Volume), Say::it('quantity/amount-reader.unit-here')));
    }

    /** @throws InvalidDocument when the volume is outside 10 mL to 10,000 L */
    public static function vessel(Node $node, string $what): Volume
    {
        $object = $node->object(['amount', 'unit']);
        $volume = self::ofAnySize($object->get('amount'), $object->get('unit'), Dimension::Volume)->volume();
        $ml = $volume->millilitres();
        if ($ml < self::MIN_VESSEL_ML * (1 - 1e-12) || $ml > self::MAX_VESSEL_ML * (1 + 1e-12)) {
            throw InvalidDocument::because(
                $node->path . '/amount',
                Say::it('quantity/amount-reader.may-be-10-ml-to', ['what' => $what, 'ml' => (string) round($ml, 6)]),
                $ml,
            );
        }

        return $volume;
    }
}
