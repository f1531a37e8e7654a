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

/** Reads what is known of the water: `{"hardness": {"amount": 120, "unit": "mg/L"}, "temperature": {"amount": 35, "unit": "Cel"}}`. */
final readonly class WaterReader
{
    /** Water is liquid between these, in °C. */
    private const COLDEST = 0.0;

    private const HOTTEST = 100.0;

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
        Unit::from($object->get('unit')->word(Unit::codes(Dimension::Hardness), 'unit here'));

        $amount = $object->get('amount');
        $hardness = $amount->number();

        return $hardness < 0.0 || $hardness > self::HARDEST ? throw $amount->fault('Water has a hardness of 0 to ' . number_format(self::HARDEST) . ' mg/L (sea water about 6,600), found {found}.') : $hardness;
    }

    private static function liquid(Node $node): Temperature
    {
        $temperature = AmountReader::temperature($node);
        if ($temperature->celsius() < self::COLDEST || $temperature->celsius() > self::HOTTEST) {
            throw $node->object(['amount', 'unit'])->get('amount')->fault('Water is liquid from 0 to 100 °C (32 to 212 °F), found {found}.');
        }

        return $temperature;
    }
}
