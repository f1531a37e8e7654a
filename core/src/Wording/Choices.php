<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\HardnessUnit;
use IdleMixer\Core\Emulsion\WaterKind;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** The names of what can be chosen, and what each choice costs. */
final readonly class Choices
{
    /** @param array<string, array{name: string, price: string}> $orders */
    public function __construct(private array $orders) {}

    public static function shipped(): self
    {
        /** @var array<string, array{name: string, price: string}> $orders */
        $orders = Say::words('orders');

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
            RecipeUse::Foliar => Say::it('wording/choices.foliar'),
            RecipeUse::Drench => Say::it('wording/choices.drench'),
            RecipeUse::Dormant => Say::it('wording/choices.dormant'),
            RecipeUse::Spot => Say::it('wording/choices.spot'),
            RecipeUse::Stock => Say::it('wording/choices.stock'),
        };
    }

    public static function agitation(Agitation $agitation): string
    {
        return match ($agitation) {
            Agitation::Stir => 'stirred',
            Agitation::HandShake => Say::it('wording/choices.hand-shake'),
            Agitation::BriskShake => Say::it('wording/choices.brisk-shake'),
            Agitation::Whisk => 'whisked',
            Agitation::Blender => 'in a blender',
        };
    }

    public static function waterKind(WaterKind $kind): string
    {
        return match ($kind) {
            WaterKind::Rain => Say::it('wording/choices.rain'),
            WaterKind::Distilled => Say::it('wording/choices.distilled'),
            WaterKind::Softened => 'from a softener (adds sodium)',
            WaterKind::Tap => Say::it('wording/choices.tap'),
            WaterKind::Well => Say::it('wording/choices.well'),
        };
    }

    public static function hardnessClass(HardnessClass $class): string
    {
        return match ($class) {
            HardnessClass::Soft => Say::it('wording/choices.soft'),
            HardnessClass::Moderate => 'moderate',
            HardnessClass::Hard => Say::it('wording/choices.hard'),
            HardnessClass::VeryHard => Say::it('wording/choices.very-hard'),
        };
    }

    public static function hardnessUnit(HardnessUnit $unit): string
    {
        return match ($unit) {
            HardnessUnit::MilligramPerLitre => Say::it('wording/choices.milligram-per-litre'),
            HardnessUnit::GrainPerUsGallon => Say::it('wording/choices.grain-per-us-gallon'),
            HardnessUnit::GermanDegree => Say::it('wording/choices.german-degree'),
            HardnessUnit::EnglishDegree => Say::it('wording/choices.english-degree'),
            HardnessUnit::FrenchDegree => Say::it('wording/choices.french-degree'),
        };
    }

    public static function orderInShort(MixingOrder $order): string
    {
        return match ($order) {
            MixingOrder::AllTogether => Say::it('wording/choices.all-together'),
            MixingOrder::SoapThenOil => Say::it('wording/choices.soap-then-oil'),
            MixingOrder::CupPremix => Say::it('wording/choices.cup-premix'),
            MixingOrder::EmulsifierFirst => Say::it('wording/choices.emulsifier-first'),
            MixingOrder::Blender => Say::it('wording/choices.blender'),
        };
    }
}
