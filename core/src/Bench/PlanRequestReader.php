<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Leaf\ToleranceCatalogue;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;

/** Reads a plan request, strictly. */
final readonly class PlanRequestReader
{
    public const MAX_MEASURES = 60;

    /** Water is liquid between these, in °C. */
    private const COLDEST = 0.0;

    private const HOTTEST = 100.0;

    public function __construct(
        private RecipeReader $recipes,
        private RecipeCatalogue $shipped,
        private ToleranceCatalogue $tolerance,
    ) {}

    public static function shipped(): self
    {
        $ingredients = IngredientCatalogue::shipped();

        return new self(new RecipeReader($ingredients), RecipeCatalogue::shipped($ingredients), ToleranceCatalogue::shipped());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): PlanRequest
    {
        $object = $node->object(['recipe', 'make', 'sprayer', 'highEnd', 'factor', 'measures', 'water', 'plant']);
        $recipe = $this->recipe($object->get('recipe'));
        $make = AmountReader::vessel($object->get('make'), 'A volume to make');
        $sprayer = $object->optional('sprayer');
        $measures = $object->optional('measures');
        $plant = $object->optional('plant');

        return new PlanRequest(
            $recipe,
            $make,
            Unit::from($object->get('make')->object(['amount', 'unit'])->get('unit')->text(20)),
            $sprayer === null ? null : AmountReader::vessel($sprayer, 'A sprayer'),
            $object->optional('highEnd')?->flag() ?? false,
            $object->optional('factor')?->positive() ?? 1.0,
            $measures === null ? Measure::kitchenSet() : $this->measures($measures),
            $this->water($object->optional('water')),
            $plant === null ? null : $this->tolerance->get($plant->word($this->tolerance->slugs(), 'plant tolerance class')),
            $this->shipped->has($recipe->slug) ? $this->shipped->repeatDays($recipe->slug) : null,
        );
    }

    /**
     * A recipe document, or the slug of a shipped one.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function recipe(Node $node): Recipe
    {
        return $node->isString()
            ? $this->shipped->get($node->word($this->shipped->slugs(), 'shipped recipe'))
            : $this->recipes->read($node);
    }

    /** @return list<Measure> */
    private function measures(Node $node): array
    {
        return array_map(
            static fn(Node $item): Measure => Measure::holding(AmountReader::read($item, Dimension::Volume)),
            $node->items(1, self::MAX_MEASURES, 'measures'),
        );
    }

    private function water(?Node $node): Water
    {
        $object = $node?->object(['hardness', 'temperature']);
        $hardness = $object?->optional('hardness');
        $temperature = $object?->optional('temperature');

        return new Water(
            $hardness === null ? null : AmountReader::read($hardness, Dimension::Hardness)->inBase(),
            $temperature === null ? null : $this->celsius($temperature),
        );
    }

    private function celsius(Node $node): float
    {
        $amount = AmountReader::read($node, Dimension::Temperature);
        $celsius = Temperature::celsius($amount);
        if ($celsius < self::COLDEST || $celsius > self::HOTTEST) {
            throw $node->object(['amount', 'unit'])->get('amount')->fault('Water is liquid from 0 to 100 °C (32 to 212 °F), found {found}.');
        }

        return $celsius;
    }
}
