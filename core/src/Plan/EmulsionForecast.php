<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Creaming;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;

/** Whether a mix holds, for how long, and what each way of mixing would give. */
final readonly class EmulsionForecast
{
    /** Seconds at which the glass is looked at. */
    private const MOMENTS = EmulsionLines::MOMENTS['value'];

    /**
     * @param array<string, float>                                         $reshake seconds, by mixing order
     * @param list<array{seconds: int, on_top_mm: float, tube_share: float}> $glass   over time, for the chosen order
     * @param float                                                        $last    the last tenth of an unshaken tank, as a multiple of the mix
     */
    private function __construct(
        public EmulsionVerdict $verdict,
        public SoapBudget $budget,
        public bool $hardnessAssumed,
        /** By the soft end and by very hard water, where nobody knows it. */
        public EmulsionVerdict $ifSoft,
        public EmulsionVerdict $ifHard,
        public array $reshake,
        public array $glass,
        public float $last,
        public float $glassHeight,
        /** µm: the median droplet that a hand like others would make of it, for the chosen order; null without oil. */
        public ?float $usualDroplet,
    ) {}

    public static function of(Emulsifier $emulsifier, Mixture $mixture, Bench $bench): self
    {
        $chosen = $bench->recipe->order;
        $water = $bench->water;
        $celsius = $water->temperature?->celsius();
        $work = $emulsifier->coarseness($bench->agitation);
        $in = Contents::of($mixture);
        $budget = $emulsifier->budget($in, $water->hardness);
        // A stock is shaken before each pour, and has no water to rise in.
        if ($in->oil <= 0.0 || $bench->recipe->use === RecipeUse::Stock) {
            return new self(EmulsionVerdict::NoneNeeded, $budget, false, EmulsionVerdict::NoneNeeded, EmulsionVerdict::NoneNeeded, [], [], 1.0, 0.0, null);
        }
        $rising = $emulsifier->rising($in, $celsius);
        $creaming = static fn(MixingOrder $order, ?float $hardness, float $hand): Creaming => new Creaming($emulsifier->droplets($in, $hardness, $order, $celsius, $hand), $rising);
        $orders = [];
        foreach (MixingOrder::cases() as $order) {
            $orders[$order->value] = $creaming($order, $water->hardness, $bench->hand * $work);
        }
        $reshake = array_map($emulsifier->reshakeSeconds(...), $orders);
        $table = $emulsifier->table();
        $verdict = static fn(HardnessClass $class): EmulsionVerdict => EmulsionVerdict::of($emulsifier->reshakeSeconds($creaming($chosen, $class->milligramsPerLitre(), $bench->hand * $work)));
        $mine = $orders[$chosen->value];

        return new self(
            EmulsionVerdict::of($reshake[$chosen->value]),
            $budget,
            $water->hardness === null,
            $verdict(HardnessClass::Soft),
            $verdict(HardnessClass::VeryHard),
            $reshake,
            self::glass($mine, $in->oil / $in->finished, $table->value('glass-height'), $table->value('tube-height')),
            $mine->tenths($table->value('tank-height'), $table->value('spraying-time'))[9],
            $table->value('glass-height'),
            $emulsifier->droplets($in, $water->hardness, $chosen, $celsius, $work)->median,
        );
    }

    /** @return list<array{seconds: int, on_top_mm: float, tube_share: float}> */
    private static function glass(Creaming $creaming, float $oil, float $height, float $tube): array
    {
        return array_map(static fn(int $seconds): array => [
            'seconds' => $seconds,
            'on_top_mm' => $oil * $height * $creaming->onTop($height, (float) $seconds),
            'tube_share' => $creaming->drawn($tube, (float) $seconds),
        ], self::MOMENTS);
    }
}
