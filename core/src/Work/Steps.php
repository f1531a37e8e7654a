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
    private const BEFORE = [StepCode::Protect, StepCode::OldRest, StepCode::WarmNeem, StepCode::SoakBark];

    private const AFTER = [StepCode::WashSprayer, StepCode::WashCan, StepCode::KeepSwab];

    /**
     * @param bool $full whether the load fills the sprayer, so that its half mark is one to go by
     * @param bool $isSwirled whether its school swirls it, and does not shake
     * @param bool $inOpen whether it is mixed in a bucket, a jug or a can
     *
     * @return list<Step>
     */
    public static function of(Load $load, MixingOrder $order, RecipeUse $use, bool $full = false, bool $inOpen = false, bool $isSwirled = false): array
    {
        if ($use === RecipeUse::Stock) {
            return [new Step(StepCode::Protect), ...self::warmed($load), ...self::stock($load, $order)];
        }
        $open = $load->givesOffGas();
        $steps = [
            new Step(StepCode::Protect),
            ...($use === RecipeUse::Spot || $open || $inOpen ? [] : [new Step(StepCode::OldRest)]),
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
            ...($load->hasOil() && ! $open ? [new Step(StepCode::StandTest)] : []),
            new Step($open ? StepCode::UseAtOnce : StepCode::Label),
            new Step(match ($use) {
                RecipeUse::Spot => StepCode::KeepSwab,
                RecipeUse::Drench => StepCode::WashCan,
                default => StepCode::WashSprayer,
            }),
        ];

        return TankLevels::mark(array_map(static fn(Step $step): Step => match (true) {
            $inOpen => $step->as($step->code->inOpen()),
            $isSwirled && $step->code === StepCode::ShakeHard => $step->as(StepCode::SwirlHard),
            $step->code === StepCode::FirstWater && $full => $step->as(StepCode::FirstWaterHalf),
            default => $step,
        }, $steps), $load);
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

    /**
     * How many of the steps of a load make it, from the first: washing and the rest come after the spraying.
     *
     * @param list<string> $codes of its steps
     */
    public static function toMixed(array $codes): int
    {
        $after = array_map(static fn(StepCode $code): string => $code->value, self::AFTER);

        return count(array_filter($codes, static fn(string $code): bool => ! in_array($code, $after, true)));
    }

    /** @return list<Step> */
    private static function warmed(Load $load): array
    {
        return [...($load->hasNeem() ? [new Step(StepCode::WarmNeem)] : []), ...($load->hasSoaked() ? [new Step(StepCode::SoakBark)] : [])];
    }

    /** @return list<Step> */
    private static function stock(Load $load, MixingOrder $order): array
    {
        $add = $order === MixingOrder::Blender ? StepCode::AddBlender : StepCode::AddJar;

        return [
            ...self::add($load, $add, static fn(): bool => true),
            new Step($order === MixingOrder::Blender ? StepCode::Blend : StepCode::ShakeJar),
            new Step(StepCode::LabelStock),
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
            new Step(StepCode::JarWater, null, ['mL' => $load->mixture->water]),
            ...self::add($load, StepCode::AddSwabJar, static fn(): bool => true),
            new Step(StepCode::TurnJar),
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
            new Step(StepCode::OpenWater, null, ['mL' => $load->mixture->water * self::FIRST_WATER]),
            ...self::add($load, StepCode::AddOpen, static fn(): bool => true),
            new Step(StepCode::OpenTopUp, null, ['mL' => $load->mixture->finished()]),
            new Step(StepCode::StirOpen),
        ];
    }

    /** @return list<Step> */
    private static function allTogether(Load $load): array
    {
        return [
            self::firstWater($load),
            ...self::add($load, StepCode::AddTank, static fn(): bool => true),
            ...($load->hasOil() ? [new Step(StepCode::ShakeHard)] : []),
            ...self::toTheMark($load),
        ];
    }

    /** @return list<Step> */
    private static function soapThenOil(Load $load): array
    {
        return [
            self::firstWater($load),
            ...self::add($load, StepCode::AddTank, static fn(Item $item): bool => ! $item->isOily()),
            new Step(StepCode::Swirl),
            ...self::add($load, StepCode::AddTank, static fn(Item $item): bool => $item->isOily()),
            new Step(StepCode::ShakeHard),
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
            ...self::add($load, StepCode::AddJar, $oily),
            new Step(StepCode::Splash, null, ['mL' => $splash]),
            self::firstWater($load),
            ...self::add($load, StepCode::AddTank, static fn(Item $item): bool => ! $oily($item)),
            new Step(StepCode::LetDown),
            ...self::toTheMark($load),
        ];
    }

    /** @return list<Step> */
    private static function cupPremix(Load $load): array
    {
        $cup = min(self::CUP_ML, $load->mixture->water * self::FIRST_WATER);

        return [
            new Step(StepCode::CupWater, null, ['mL' => $cup]),
            ...self::add($load, StepCode::AddCup, static fn(Item $item): bool => ! $item->isOily()),
            ...self::add($load, StepCode::AddCup, static fn(Item $item): bool => $item->isOily()),
            new Step(StepCode::StirCup),
            new Step(StepCode::PartFill, null, ['mL' => ($load->mixture->water - $cup) * self::FIRST_WATER]),
            new Step(StepCode::PourCup),
            ...($load->hasOil() ? [new Step(StepCode::ShakeHard)] : []),
            ...self::toTheMark($load),
        ];
    }

    /** @return list<Step> */
    private static function blender(Load $load): array
    {
        return [
            ...self::add($load, StepCode::AddBlender, static fn(Item $item): bool => $item->pour === null),
            ...(self::has($load, static fn(Item $item): bool => $item->pour === null) ? [new Step(StepCode::Blend)] : []),
            self::firstWater($load),
            ...self::add($load, StepCode::AddTank, static fn(Item $item): bool => $item->pour !== null),
            new Step(StepCode::StirMilky),
            ...self::toTheMark($load),
        ];
    }

    private static function firstWater(Load $load): Step
    {
        return new Step(StepCode::FirstWater, null, ['mL' => $load->mixture->water * self::FIRST_WATER]);
    }

    /** @return list<Step> */
    private static function toTheMark(Load $load): array
    {
        return [new Step(StepCode::TopUp, null, ['mL' => $load->mixture->finished()])];
    }

    /**
     * @param callable(Item): bool $which
     *
     * @return list<Step>
     */
    private static function add(Load $load, StepCode $code, callable $which): array
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
