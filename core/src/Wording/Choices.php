<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\HardnessUnit;
use IdleMixer\Core\Emulsion\WaterKind;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;

/** The names of what can be chosen, and what each choice costs. */
final readonly class Choices
{
    /** @param array<string, array{name: string, price: string}> $orders */
    public function __construct(private array $orders) {}

    public static function shipped(): self
    {
        /** @var array<string, array{name: string, price: string}> $orders */
        $orders = require __DIR__ . '/../../data/order-words.php';

        return new self($orders);
    }

    /**
     * @return array{name: string, price: string}
     *
     * @throws MissingWords when the catalogue lacks the words
     */
    public function order(MixingOrder $order): array
    {
        return $this->orders[$order->value] ?? throw MissingWords::becauseOf($order->value);
    }

    public static function use(RecipeUse $use): string
    {
        return match ($use) {
            RecipeUse::Foliar => 'leaf spray',
            RecipeUse::Drench => 'soil drench',
            RecipeUse::Dormant => 'winter spray on bare wood',
            RecipeUse::Spot => 'swab for single insects',
            RecipeUse::Stock => 'stock, to be let down',
        };
    }

    public static function agitation(Agitation $agitation): string
    {
        return match ($agitation) {
            Agitation::Stir => 'stirred',
            Agitation::HandShake => 'shaken by hand',
            Agitation::BriskShake => 'shaken hard, a full minute and more',
            Agitation::Whisk => 'whisked',
            Agitation::Blender => 'in a blender',
        };
    }

    public static function waterKind(WaterKind $kind): string
    {
        return match ($kind) {
            WaterKind::Rain => 'rain water',
            WaterKind::Distilled => 'distilled water',
            WaterKind::Softened => 'from a softener (adds sodium)',
            WaterKind::Tap => 'tap water, hardness not known',
            WaterKind::Well => 'well water, hardness not known',
        };
    }

    public static function hardnessClass(HardnessClass $class): string
    {
        return match ($class) {
            HardnessClass::Soft => 'soft: no scale in the kettle',
            HardnessClass::Moderate => 'moderate',
            HardnessClass::Hard => 'hard: scale in the kettle',
            HardnessClass::VeryHard => 'very hard: white crust on taps',
        };
    }

    public static function hardnessUnit(HardnessUnit $unit): string
    {
        return match ($unit) {
            HardnessUnit::MilligramPerLitre => 'mg/L (ppm) as CaCO3',
            HardnessUnit::GrainPerUsGallon => 'grains per US gallon',
            HardnessUnit::GermanDegree => 'German degrees (°dH)',
            HardnessUnit::EnglishDegree => 'English degrees (Clark)',
            HardnessUnit::FrenchDegree => 'French degrees (°fH)',
        };
    }

    public static function orderInShort(MixingOrder $order): string
    {
        return match ($order) {
            MixingOrder::AllTogether => 'mixing it is quick, putting it on is not',
            MixingOrder::SoapThenOil => 'two stirs',
            MixingOrder::CupPremix => 'a cup to premix',
            MixingOrder::EmulsifierFirst => 'a jar to whip',
            MixingOrder::Blender => 'a blender to wash',
        };
    }
}
