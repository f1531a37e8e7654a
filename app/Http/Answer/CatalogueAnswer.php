<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Everything that can be chosen, in words. */
final readonly class CatalogueAnswer
{
    /**
     * @param list<IngredientAnswer> $ingredients
     * @param list<ToleranceAnswer> $tolerance
     * @param list<PestAnswer> $pests
     * @param list<OrderAnswer> $orders
     * @param list<ChoiceWordsAnswer> $reactions
     * @param list<StandTestAnswer> $standTests
     * @param list<WaterAnswer> $waters
     * @param list<ChoiceWordsAnswer> $agitations
     * @param list<WaterAnswer> $hardnessUnits
     * @param list<ChoiceWordsAnswer> $plantSizes
     * @param list<ChoiceWordsAnswer> $soils
     * @param list<string> $keeping
     * @param list<int> $leafWaits
     * @param list<VolumeUnitAnswer> $volumeUnits
     * @param list<ChoiceWordsAnswer> $shapes
     * @param list<CommonSprayerAnswer> $commonSprayers
     * @param list<SpoonSetAnswer> $spoonSets
     */
    public function __construct(
        public array $ingredients,
        public array $tolerance,
        public array $pests,
        public array $orders,
        public array $reactions,
        public array $standTests,
        public array $waters,
        public array $agitations,
        public array $hardnessUnits,
        public array $plantSizes,
        public array $soils,
        public array $keeping,
        public array $leafWaits,
        public array $volumeUnits,
        public array $shapes,
        public array $commonSprayers,
        public array $spoonSets,
    ) {}
}
