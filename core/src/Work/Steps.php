<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Data\WorkLines;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;

/**
 * The order of the work for one load, by each of the five mixing orders: half the water, the lines, shaken while there is room,
 * topped up and turned over. What gives off gas is mixed in an open vessel, a swab in a jar.
 */
final readonly class Steps
{
    private const CUP_ML = WorkLines::CUP['value'];

    /** Share of the water that goes in before anything else. */
    private const FIRST_WATER = WorkLines::FIRST_WATER['value'];

    /** The splash that a thick emulsion is started with, by volume of oil and emulsifier. */
    private const SPLASH = WorkLines::SPLASH['value'];

    /** What is done once, however many loads there are. */
    private const BEFORE = ['protect', 'old-rest', 'warm-neem'];

    private const AFTER = ['wash-sprayer', 'wash-can', 'keep-swab'];

    /**
     * @param bool $full whether the load fills the sprayer, so that its half mark is one to go by
     *
     * @return list<Step>
     */
    public static function of(Load $load, MixingOrder $order, RecipeUse $use, bool $full = false): array
    {
        if ($use === RecipeUse::Stock) {
            return [new Step('protect'), ...self::warmed($load), ...self::stock($load, $order)];
        }
        $open = $load->givesOffGas();
        $steps = [
            new Step('protect'),
            ...($use === RecipeUse::Spot || $open ? [] : [new Step('old-rest')]),
            ...self::warmed($load),
            ...match (true) {
                $use === RecipeUse::Spot => self::swab($load),
                $open => self::openVessel($load),
                $order === MixingOrder::SoapThenOil => self::soapThenOil($load),
                $order === MixingOrder::EmulsifierFirst => self::emulsifierFirst($load),
                $order === MixingOrder::CupPremix => self::cupPremix($load),
                $order === MixingOrder::Blender => self::blender($load),
                default => self::allTogether($load),
            },
            ...($load->hasOil() && ! $open ? [new Step('stand-test')] : []),
            new Step($open ? 'use-at-once' : 'label'),
            new Step(match ($use) {
                RecipeUse::Spot => 'keep-swab',
                RecipeUse::Drench => 'wash-can',
                default => 'wash-sprayer',
            }),
        ];

        return TankLevels::mark(array_map(static fn(Step $step): Step => $step->code === 'first-water' && $full ? $step->as('first-water-half') : $step, $steps), $load);
    }

    /**
     * The steps of one of several loads: what is done once is said with the first and the last of them.
     *
     * @param list<Step> $steps
     * @param list<Step> $stocks how the stocks are made that it is poured from
     *
     * @return list<Step>
     */
    public static function inARow(array $steps, array $stocks, bool $first, bool $last): array
    {
        $kept = array_values(array_filter($steps, static fn(Step $step): bool => ($first || ! in_array($step->code, self::BEFORE, true)) && ($last || ! in_array($step->code, self::AFTER, true))));

        return $first && $stocks !== [] ? [$kept[0], ...$stocks, ...array_slice($kept, 1)] : $kept;
    }

    /** @return list<Step> */
    private static function warmed(Load $load): array
    {
        return $load->hasNeem() ? [new Step('warm-neem')] : [];
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

    /**
     * For single insects: a jar is enough, and no sprayer smells of it.
     *
     * @return list<Step>
     */
    private static function swab(Load $load): array
    {
        return [
            new Step('jar-water', null, ['mL' => $load->mixture->water]),
            ...self::add($load, 'add-swab-jar', static fn(): bool => true),
            new Step('turn-jar'),
        ];
    }

    /**
     * What gives off gas bursts what is closed.
     *
     * @return list<Step>
     */
    private static function openVessel(Load $load): array
    {
        return [
            new Step('open-water', null, ['mL' => $load->mixture->water * self::FIRST_WATER]),
            ...self::add($load, 'add-open', static fn(): bool => true),
            new Step('open-top-up', null, ['mL' => $load->mixture->finished()]),
            new Step('stir-open'),
        ];
    }

    /** @return list<Step> */
    private static function allTogether(Load $load): array
    {
        return [
            self::firstWater($load),
            ...self::add($load, 'add-tank', static fn(): bool => true),
            ...($load->hasOil() ? [new Step('shake-hard')] : []),
            ...self::toTheMark($load),
        ];
    }

    /** @return list<Step> */
    private static function soapThenOil(Load $load): array
    {
        return [
            self::firstWater($load),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => ! $item->isOily()),
            new Step('swirl'),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => $item->isOily()),
            new Step('shake-hard'),
            ...self::toTheMark($load),
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
            self::firstWater($load),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => ! $oily($item)),
            new Step('let-down'),
            ...self::toTheMark($load),
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
            ...($load->hasOil() ? [new Step('shake-hard')] : []),
            ...self::toTheMark($load),
        ];
    }

    /** @return list<Step> */
    private static function blender(Load $load): array
    {
        return [
            ...self::add($load, 'add-blender', static fn(Item $item): bool => $item->pour === null),
            ...(self::has($load, static fn(Item $item): bool => $item->pour === null) ? [new Step('blend')] : []),
            self::firstWater($load),
            ...self::add($load, 'add-tank', static fn(Item $item): bool => $item->pour !== null),
            new Step('stir-milky'),
            ...self::toTheMark($load),
        ];
    }

    private static function firstWater(Load $load): Step
    {
        return new Step('first-water', null, ['mL' => $load->mixture->water * self::FIRST_WATER]);
    }

    /** @return list<Step> */
    private static function toTheMark(Load $load): array
    {
        return [new Step('top-up', null, ['mL' => $load->mixture->finished()])];
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
