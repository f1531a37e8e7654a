<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\Kitchenware;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\HardnessUnit;
use IdleMixer\Core\Emulsion\WaterKind;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Leaf\MeanwhileWeather;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\UnitNames;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\CommonSprayer;
use IdleMixer\Core\Vessel\NeedTable;
use IdleMixer\Core\Vessel\SprayerShape;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\LeafWords;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Work\StandTest;

/** Everything that can be chosen, in words. */
final readonly class CatalogueAnswers
{
    public function __construct(
        private IngredientCatalogue $ingredients,
        private ToleranceCatalogue $tolerance,
        private TroubleCatalogue $troubles,
        private Kitchenware $kitchenware,
        private NeedTable $needs,
        private SpoonSets $sets,
    ) {}

    public function all(): CatalogueAnswer
    {
        $choices = Choices::shipped();
        $leaf = LeafWords::shipped();

        return new CatalogueAnswer(
            array_map(fn(string $slug): IngredientAnswer => self::ingredient($this->ingredients->get($slug)), $this->ingredients->asInHouses()),
            array_map($this->tolerance(...), $this->tolerance->slugs()),
            array_map(static fn(Trouble $pest): PestAnswer => new PestAnswer($pest->slug, $pest->name, $pest->counted ?? ''), $this->troubles->pests()),
            array_map(static fn(MixingOrder $order): OrderAnswer => new OrderAnswer($order->value, ...$choices->order($order)), MixingOrder::cases()),
            array_map(static fn(InjuryKind $one): ChoiceWordsAnswer => new ChoiceWordsAnswer($one->value, $one->words()), InjuryKind::cases()),
            array_map(static fn(LeafShape $one): ChoiceWordsAnswer => new ChoiceWordsAnswer($one->value, $one->words()), LeafShape::cases()),
            array_map(static fn(MeanwhileWeather $one): ChoiceWordsAnswer => new ChoiceWordsAnswer($one->value, $one->words()), MeanwhileWeather::cases()),
            array_map(static fn(BurnCause $one): ChoiceWordsAnswer => new ChoiceWordsAnswer($one->value, $one->words()), BurnCause::cases()),
            $leaf->plan(),
            new AmountAnswer(...$this->kitchenware->leafCup()->toArray()),
            LeafLines::LADDER['value'],
            array_map(static fn(StandTest $test): StandTestAnswer => new StandTestAnswer($test->value, $test->words(), $test->isUnsteady()), StandTest::cases()),
            [
                ...array_map(static fn(WaterKind $kind): WaterAnswer => new WaterAnswer($kind->value, Choices::waterKind($kind), $kind->milligramsPerLitre()), WaterKind::cases()),
                ...array_map(static fn(HardnessClass $class): WaterAnswer => new WaterAnswer($class->value, Choices::hardnessClass($class), $class->milligramsPerLitre()), HardnessClass::cases()),
            ],
            array_map(static fn(Agitation $agitation): ChoiceWordsAnswer => new ChoiceWordsAnswer($agitation->value, Choices::agitation($agitation)), Agitation::cases()),
            array_map(static fn(HardnessUnit $unit): WaterAnswer => new WaterAnswer($unit->value, Choices::hardnessUnit($unit), $unit->milligramsPerLitre()), HardnessUnit::cases()),
            self::named($this->needs->sizes()),
            self::named($this->needs->soils()),
            array_column(Keeping::cases(), 'value'),
            array_map(static fn(int $hours): LeafWaitAnswer => new LeafWaitAnswer($hours, $leaf->wait($hours)), LeafLines::WAITS['value']),
            array_map(static fn(string $code): VolumeUnitAnswer => new VolumeUnitAnswer($code, UnitNames::spoken(Unit::from($code)), Unit::from($code)->factor()), Unit::codes(Dimension::Volume)),
            array_map(static fn(SprayerShape $shape): ChoiceWordsAnswer => new ChoiceWordsAnswer($shape->value, $shape->words()), SprayerShape::cases()),
            array_map(static fn(CommonSprayer $one): CommonSprayerAnswer => new CommonSprayerAnswer($one->name, new AmountAnswer(...$one->holds->toArray()), Measures::amount($one->holds), $one->shape->value), CommonSprayer::shipped()),
            self::sets($this->sets),
        );
    }

    /** @return list<SpoonSetAnswer> */
    private static function sets(SpoonSets $sets): array
    {
        return array_map(static fn(string $slug): SpoonSetAnswer => new SpoonSetAnswer(
            $slug,
            $sets->name($slug),
            implode(', ', array_map(static fn(array $row): string => Measures::amount(Amount::of($row['amount'], Unit::from($row['unit']))), $sets->measures($slug))),
        ), $sets->slugs());
    }

    private function tolerance(string $slug): ToleranceAnswer
    {
        $class = $this->tolerance->get($slug);

        return new ToleranceAnswer($slug, $class->name, $class->surface->value, $class->looksLike);
    }

    /**
     * @param array<string, string> $words by code
     *
     * @return list<ChoiceWordsAnswer>
     */
    private static function named(array $words): array
    {
        return array_map(static fn(string $code, string $said): ChoiceWordsAnswer => new ChoiceWordsAnswer($code, $said), array_keys($words), $words);
    }

    private static function ingredient(Ingredient $one): IngredientAnswer
    {
        return new IngredientAnswer($one->slug, $one->name, IngredientCatalogue::also($one->slug), $one->substance->value, ! $one->substance->isLiquid(), $one->substance->hasStrength());
    }
}
