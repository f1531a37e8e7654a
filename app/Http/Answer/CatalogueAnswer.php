<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Batch\Keeping;

/** Everything that can be chosen, in words. */
final readonly class CatalogueAnswer
{
    /**
     * @param list<IngredientAnswer> $ingredients
     * @param list<ToleranceAnswer> $tolerance
     * @param list<PestAnswer> $pests
     * @param list<OrderAnswer> $orders
     * @param list<ChoiceWordsAnswer> $injuries kinds of injury to a leaf
     * @param list<ChoiceWordsAnswer> $leafShapes
     * @param list<ChoiceWordsAnswer> $meanwhile weather while leaves wait
     * @param list<ChoiceWordsAnswer> $burnCauses
     * @param list<string> $leafPlan which leaves, and when
     * @param list<float> $rungs strengths of a ladder, strongest first
     * @param list<StandTestAnswer> $standTests
     * @param list<WaterAnswer> $waters
     * @param list<ChoiceWordsAnswer> $agitations
     * @param list<WaterAnswer> $hardnessUnits
     * @param list<ChoiceWordsAnswer> $plantSizes
     * @param list<ChoiceWordsAnswer> $soils
     * @param list<string> $keeping
     * @param list<LeafWaitAnswer> $leafWaits
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
        #[Shape(codes: 'InjuryKind')]
        public array $injuries,
        #[Shape(codes: 'LeafShape')]
        public array $leafShapes,
        #[Shape(codes: 'Meanwhile')]
        public array $meanwhile,
        #[Shape(codes: 'BurnCause')]
        public array $burnCauses,
        public array $leafPlan,
        public AmountAnswer $leafCup,
        public array $rungs,
        public array $standTests,
        public array $waters,
        public array $agitations,
        public array $hardnessUnits,
        public array $plantSizes,
        public array $soils,
        #[Shape(of: Keeping::class)]
        public array $keeping,
        public array $leafWaits,
        public array $volumeUnits,
        public array $shapes,
        public array $commonSprayers,
        public array $spoonSets,
    ) {}
}
