<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Ingredient\Substance;

/** Sprays that work the same way, whatever else is in them. */
enum SprayFamily: string
{
    case Neem = 'neem';
    case SodaWithOil = 'soda-with-oil';
    case Soda = 'soda';
    case EggOil = 'egg-oil';
    case Oil = 'oil';
    case Alcohol = 'alcohol';
    case Peroxide = 'peroxide';
    case Essential = 'essential';
    case Soap = 'soap';
    case Detergent = 'detergent';

    /** By what kills in it, the slowest and most lasting first; null of water alone, or where nobody knows what went in. */
    public static function of(?Composition $spray): ?self
    {
        $has = array_map(static fn(Component $one): Substance => $one->substance, array_values($spray->components ?? []));
        $in = static fn(Substance ...$any): bool => array_filter($has, static fn(Substance $one): bool => in_array($one, $any, true)) !== [];
        $oil = $in(Substance::RefinedOil, Substance::KitchenOil);
        // A winter oil with a spoon of soda in it is an oil: what smothers leads.
        $leads = $spray !== null && array_sum(array_map(static fn(Component $one): float => $one->substance->isOil() ? $one->middle() : 0.0, $spray->components)) > EvidenceLines::OIL_LEADS['value'];

        return match (true) {
            $in(Substance::Soda) && ! $leads && ($oil || $in(Substance::Neem)) => self::SodaWithOil,
            $in(Substance::Soda) && ! $leads => self::Soda,
            $in(Substance::Neem) => self::Neem,
            $oil && $in(Substance::Egg) => self::EggOil,
            $in(Substance::Alcohol) => self::Alcohol,
            $oil => self::Oil,
            $in(Substance::Peroxide) => self::Peroxide,
            $in(Substance::EssentialOil) => self::Essential,
            $in(Substance::TrueSoap) => self::Soap,
            $in(Substance::Detergent, Substance::NonIonic) => self::Detergent,
            default => null,
        };
    }
}
