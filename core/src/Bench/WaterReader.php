<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/** Reads what is known of the water: `{"hardness": {"amount": 120, "unit": "mg/L"}, "temperature": {"amount": 35, "unit": "Cel"}}`. */
final readonly class WaterReader
{
    /** Water is liquid between these, in °C. */
    public const COLDEST = 0.0;

    public const HOTTEST = 100.0;

    private const HARDEST = InputLines::HARDEST_WATER['value'];

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(?Node $node): Water
    {
        $object = $node?->object(['hardness', 'temperature']);
        $hardness = $object?->optional('hardness');
        $temperature = $object?->optional('temperature');

        return new Water($hardness === null ? null : self::hardness($hardness), $temperature === null ? null : self::liquid($temperature));
    }

    /** mg/L as CaCO3; distilled water has none. */
    private static function hardness(Node $node): float
    {
        $object = $node->object(['amount', 'unit']);
        Unit::from($object->get('unit')->word(Unit::codes(Dimension::Hardness), Say::it('bench/water-reader.unit-here')));

        $amount = $object->get('amount');
        $hardness = $amount->number();

        return $hardness < 0.0 || $hardness > self::HARDEST ? throw $amount->fault(Say::it('bench/water-reader.water-has-hardness-of-0', ['hardest' => number_format(self::HARDEST)])) : $hardness;
    }

    private static function liquid(Node $node): Temperature
    {
        $temperature = AmountReader::temperature($node);
        if ($temperature->celsius() < self::COLDEST || $temperature->celsius() > self::HOTTEST) {
            throw $node->object(['amount', 'unit'])->get('amount')->fault(Say::it('bench/water-reader.water-liquid-from-0-to'));
        }

        return $temperature;
    }
}
