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
        $hand = $bench->hand * $emulsifier->coarseness($bench->agitation);
        $in = Contents::of($mixture);
        $budget = $emulsifier->budgetOf($in, $water->hardness, $chosen);
        if ($in->oil <= 0.0) {
            return new self(EmulsionVerdict::NoneNeeded, $budget, false, EmulsionVerdict::NoneNeeded, EmulsionVerdict::NoneNeeded, [], [], 1.0, 0.0, null);
        }
        $creaming = [];
        $rising = $emulsifier->risingOf($in, $celsius);
        foreach (MixingOrder::cases() as $order) {
            $cover = $order === $chosen ? $budget->cover : $emulsifier->budgetOf($in, $water->hardness, $order)->cover;
            $creaming[$order->value] = new Creaming($emulsifier->dropletsOf($in, $order, $cover, $celsius, $hand), $rising);
        }
        $table = $emulsifier->table();
        $verdict = static fn(float $hardness): EmulsionVerdict => EmulsionVerdict::of($emulsifier->budgetOf($in, $hardness, $chosen)->cover);
        $mine = $creaming[$chosen->value];

        return new self(
            EmulsionVerdict::of($budget->cover),
            $budget,
            $water->hardness === null,
            $verdict(HardnessClass::Soft->milligramsPerLitre()),
            $verdict(HardnessClass::VeryHard->milligramsPerLitre()),
            array_map($emulsifier->reshakeSeconds(...), $creaming),
            self::glass($mine, $in->oil / $in->finished, $table->value('glass-height'), $table->value('tube-height')),
            $mine->tenths($table->value('tank-height'), $table->value('spraying-time'))[9],
            $table->value('glass-height'),
            $emulsifier->dropletsOf($in, $chosen, $budget->cover, $celsius, $emulsifier->coarseness($bench->agitation))->median,
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
