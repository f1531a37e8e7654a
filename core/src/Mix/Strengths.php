<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\IngredientKind;

/** Percent of the finished spray: v/v of what is liquid, g per 100 mL (w/v) of soda. */
final readonly class Strengths
{
    private function __construct(
        public float $oil,
        public float $essential,
        /** Soap, detergent or other emulsifier, as bought. */
        public float $soap,
        /** Pure alcohol. */
        public float $alcohol,
        /** Pure peroxide. */
        public float $peroxide,
        /** g per 100 mL. */
        public float $soda,
    ) {}

    public static function of(Mixture $mixture): self
    {
        $finished = $mixture->finished();
        $sums = ['oil' => 0.0, 'essential' => 0.0, 'soap' => 0.0, 'alcohol' => 0.0, 'peroxide' => 0.0, 'soda' => 0.0];
        foreach ($mixture->parts as $part) {
            [$key, $much] = match ($part->ingredient->kind) {
                IngredientKind::Oil => ['oil', $part->millilitres],
                IngredientKind::EssentialOil => ['essential', $part->millilitres],
                IngredientKind::Soap, IngredientKind::Detergent, IngredientKind::NonIonic => ['soap', $part->millilitres],
                IngredientKind::Alcohol => ['alcohol', $part->pureMillilitres()],
                IngredientKind::Peroxide => ['peroxide', $part->pureMillilitres()],
                IngredientKind::Soda => ['soda', $part->grams()],
                IngredientKind::Egg => [null, 0.0],
            };
            if ($key !== null) {
                $sums[$key] += $much;
            }
        }
        $percent = static fn(float $much): float => $finished > 0.0 ? 100.0 * $much / $finished : 0.0;

        return new self(
            $percent($sums['oil']),
            $percent($sums['essential']),
            $percent($sums['soap']),
            $percent($sums['alcohol']),
            $percent($sums['peroxide']),
            $percent($sums['soda']),
        );
    }
}
