<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

/**
 * The units of the open documents, by UCUM code.
 *
 * US measures: NIST Handbook 44, Appendix C (gallon 231 cubic inches, inch 25.4 mm, both exact).
 * Imperial measures: UK units of measurement regulations (gallon 4.54609 L, exact).
 * Drop: the pharmacy convention of UCUM, 1/20 mL; household drops differ and want calibrating.
 * All definitions written from memory, and checked against the UCUM reference library in the tests.
 */
enum Unit: string
{
    case Millilitre = 'mL';
    case Litre = 'L';
    case Gram = 'g';
    case UsTeaspoon = '[tsp_us]';
    case UsTablespoon = '[tbs_us]';
    case UsFluidOunce = '[foz_us]';
    case UsCup = '[cup_us]';
    case UsPint = '[pt_us]';
    case UsQuart = '[qt_us]';
    case UsGallon = '[gal_us]';
    case ImperialFluidOunce = '[foz_br]';
    case ImperialPint = '[pt_br]';
    case ImperialGallon = '[gal_br]';
    case MetricTeaspoon = '[tsp_m]';
    case MetricTablespoon = '[tbs_m]';
    case Drop = '[drp]';
    case AvoirdupoisOunce = '[oz_av]';
    case One = '1';
    case Celsius = 'Cel';
    case Fahrenheit = '[degF]';
    case MilligramPerLitre = 'mg/L';

    /** The codes by dimension, written out because every amount that is read asks for them; the tests hold them to `dimension`. */
    private const CODES = [
        'volume' => ['mL', 'L', '[tsp_us]', '[tbs_us]', '[foz_us]', '[cup_us]', '[pt_us]', '[qt_us]', '[gal_us]', '[foz_br]', '[pt_br]', '[gal_br]', '[tsp_m]', '[tbs_m]', '[drp]'],
        'mass' => ['g', '[oz_av]'],
        'count' => ['1'],
        'temperature' => ['Cel', '[degF]'],
        'hardness' => ['mg/L'],
    ];

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Gram, self::AvoirdupoisOunce => Dimension::Mass,
            self::One => Dimension::Count,
            self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::MilligramPerLitre => Dimension::Hardness,
            default => Dimension::Volume,
        };
    }

    /**
     * How many of the base unit of its dimension one of these is: mL, g, one, kelvin step, mg/L.
     *
     * Decimal expansions are complete, so each is the double nearest to the exact definition.
     */
    public function factor(): float
    {
        return match ($this) {
            self::Litre => 1000.0,
            self::UsTeaspoon => 4.92892159375,
            self::UsTablespoon => 14.78676478125,
            self::UsFluidOunce => 29.5735295625,
            self::UsCup => 236.5882365,
            self::UsPint => 473.176473,
            self::UsQuart => 946.352946,
            self::UsGallon => 3785.411784,
            self::ImperialFluidOunce => 28.4130625,
            self::ImperialPint => 568.26125,
            self::ImperialGallon => 4546.09,
            self::MetricTeaspoon => 5.0,
            self::MetricTablespoon => 15.0,
            self::Drop => 0.05,
            self::AvoirdupoisOunce => 28.349523125,
            self::Fahrenheit => 5 / 9,
            default => 1.0,
        };
    }

    /** @return list<string> the codes of all units of these dimensions */
    public static function codes(Dimension ...$dimensions): array
    {
        $codes = [];
        foreach ($dimensions as $dimension) {
            array_push($codes, ...self::CODES[$dimension->value]);
        }

        return $codes;
    }
}
