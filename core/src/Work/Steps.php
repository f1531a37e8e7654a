<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Data\WorkLines;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;

/**
 * The order of the work for one load, by each of the five mixing orders. The tank is never filled
 * to the brim first, so that there is room for what goes in.
 */
final readonly class Steps
{
    private const CUP_ML = WorkLines::CUP['value'];

    /** Share of the water that goes in before anything else. */
    private const FIRST_WATER = WorkLines::FIRST_WATER['value'];

    /** The splash that a thick emulsion is started with, by volume of oil and emulsifier. */
    private const SPLASH = WorkLines::SPLASH['value'];

    /** @return list<Step> */
    public static function of(Load $load, MixingOrder $order, RecipeUse $use): array
    {
        if ($use === RecipeUse::Stock) {
            return self::stock($load, $order);
        }

        $steps = match ($order) {
            MixingOrder::AllTogether => self::allTogether($load),
            MixingOrder::SoapThenOil => self::soapThenOil($load),
            MixingOrder::EmulsifierFirst => self::emulsifierFirst($load),
            MixingOrder::CupPremix => self::cupPremix($load),
            MixingOrder::Blender => self::blender($load),
        };
        if ($load->hasOil()) {
            $steps[] = new Step('stand-test');
        }
        $steps[] = new Step('label');

        return TankLevels::mark($steps, $load);
    }

    /** @return list<Step> */
    private static function stock(Load $load, MixingOrder $order): array
    {
        $add = $order === MixingOrder::Blender ? 'add-blender' : 'add-jar';

        return [
            ...self::add($load, $add, static fn(): bool => true),
            new Step($order === MixingOrder::Blender ? 'blend' : 'shake-jar'),
            new Step('label-stock'),
        ];
    }

    /** @return list<Step> */
    private static function allTogether(Load $load): array
    {
        return [
            self::firstWater($load, self::FIRST_WATER),
            ...self::add($load, 'add-tank', static fn(): bool => true),
            self::topUp($load),
            new Step($load->hasOil() ? 'shake-hard' : 'shake-gently'),
        ];
    }

    /** @return list<Step> */
    private static function soapThenOil(Load $load): array
    {
        return [
            self::firstWater($load, self::FIRST_WATER),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => ! $item->isOily()),
            new Step('swirl'),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => $item->isOily()),
            self::topUp($load),
            new Step('shake-hard'),
        ];
    }

    /** @return list<Step> */
    private static function emulsifierFirst(Load $load): array
    {
        $oily = static fn(Item $item): bool => $item->isOily() || $item->isEmulsifier();
        $concentrate = array_sum(array_map(static fn(Item $item): float => $oily($item) ? $item->millilitres() : 0.0, $load->items));
        $splash = min(self::SPLASH * $concentrate, $load->mixture->water * self::FIRST_WATER);

        return [
            ...self::add($load, 'add-jar', $oily),
            new Step('splash', null, ['mL' => $splash]),
            new Step('whip'),
            self::firstWater($load, self::FIRST_WATER),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => ! $oily($item)),
            new Step('let-down'),
            self::topUp($load),
            new Step('swirl'),
        ];
    }

    /** @return list<Step> */
    private static function cupPremix(Load $load): array
    {
        $cup = min(self::CUP_ML, $load->mixture->water * self::FIRST_WATER);

        return [
            new Step('cup-water', null, ['mL' => $cup]),
            ...self::add($load, 'add-cup', static fn(Item $item): bool => ! $item->isOily()),
            ...self::add($load, 'add-cup', static fn(Item $item): bool => $item->isOily()),
            new Step('stir-cup'),
            new Step('part-fill', null, ['mL' => ($load->mixture->water - $cup) * self::FIRST_WATER]),
            new Step('pour-cup'),
            self::topUp($load),
            new Step('shake-hard'),
        ];
    }

    /** @return list<Step> */
    private static function blender(Load $load): array
    {
        return [
            ...self::add($load, 'add-blender', static fn(Item $item): bool => $item->pour === null),
            ...(self::has($load, static fn(Item $item): bool => $item->pour === null) ? [new Step('blend')] : []),
            self::firstWater($load, self::FIRST_WATER),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => $item->pour !== null),
            new Step('stir-milky'),
            self::topUp($load),
        ];
    }

    private static function firstWater(Load $load, float $share): Step
    {
        return new Step('first-water', null, ['mL' => $load->mixture->water * $share]);
    }

    private static function topUp(Load $load): Step
    {
        return new Step('top-up', null, ['mL' => $load->mixture->finished()]);
    }

    /**
     * @param callable(Item): bool $which
     *
     * @return list<Step>
     */
    private static function add(Load $load, string $code, callable $which): array
    {
        $steps = [];
        foreach ($load->items as $key => $item) {
            if ($which($item)) {
                $steps[] = new Step($code, $key);
            }
        }

        return $steps;
    }

    /** @param callable(Item): bool $which */
    private static function has(Load $load, callable $which): bool
    {
        return array_filter($load->items, $which) !== [];
    }
}
