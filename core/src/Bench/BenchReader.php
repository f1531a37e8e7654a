<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Words\Say;

/**
 * Reads a bench, strictly: a plan request by itself, or the bench document of the screens, which holds the request and
 * beside it what the open request has no room for: `measures` by name, `scale`, `hand`, `agitation`, `pickedInDays`, `stockReady`; `plantId`, whose plant only a notebook knows.
 */
final readonly class BenchReader
{
    public const MAX_MEASURES = InputLines::MOST_MEASURES['value'];

    /** Fixed by the open documents. */
    private const SMALLEST_FACTOR = InputLines::SMALLEST_FACTOR['value'];

    private const LARGEST_FACTOR = InputLines::LARGEST_FACTOR['value'];

    public const LONGEST_MEASURE_NAME = InputLines::LONGEST_MEASURE_NAME['value'];

    private const REQUEST = ['recipe', 'make', 'sprayer', 'highEnd', 'factor', 'measures', 'water', 'plant', 'circumstances', 'inBucket'];

    /** A hand that is finer or coarser by more than this is a slip of the keys: our own bounds. */
    private const FINEST_HAND = InputLines::FINEST_HAND['value'];

    private const COARSEST_HAND = InputLines::COARSEST_HAND['value'];

    /** g; a scale that shows less often is no kitchen scale: our own bound. */
    private const COARSEST_SCALE = InputLines::COARSEST_SCALE['value'];

    public function __construct(
        private RecipeReader $recipes,
        private RecipeCatalogue $shipped,
        private ToleranceCatalogue $tolerance,
        private CircumstancesReader $circumstances,
        private WaterReader $water,
    ) {}

    public static function shipped(): self
    {
        $ingredients = IngredientCatalogue::shipped();

        return new self(new RecipeReader($ingredients), RecipeCatalogue::shipped($ingredients), ToleranceCatalogue::shipped(), new CircumstancesReader(), new WaterReader());
    }

    /**
     * A plan request: shaken by hand, by a hand that is like others, without a scale.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function request(Node $node): Bench
    {
        return $this->bench($node, null);
    }

    /**
     * A bench document: `{"request": {…}, "measures": [{"amount", "unit", "name"}], "scale": 1, "hand": 1.2, …}`.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $node): Bench
    {
        $beside = $node->object(['request', 'measures', 'scale', 'hand', 'agitation', 'pickedInDays', 'stockReady', 'plantId']);

        return $this->bench($beside->get('request'), $beside);
    }

    /**
     * A recipe document, or the slug of a shipped one.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function recipe(Node $node): Recipe
    {
        return $node->isString()
            ? $this->shippedSpray($node)
            : $this->recipes->read($node);
    }

    private function bench(Node $node, ?Node $beside): Bench
    {
        $object = $node->object(self::REQUEST);
        $recipe = $this->recipe($object->get('recipe'));
        $make = AmountReader::vessel($object->get('make'), Say::it('bench/bench-reader.volume-to-make'));
        $sprayer = $object->optional('sprayer');
        $plant = $object->optional('plant');
        $practice = $this->practice($recipe);

        return new Bench(
            $recipe,
            $make,
            AmountReader::volumeUnit($object->get('make')),
            $sprayer === null ? null : AmountReader::vessel($sprayer, 'A sprayer'),
            $object->optional('highEnd')?->flag() ?? false,
            self::factor($object->optional('factor')),
            $this->kit($object->optional('measures'), $beside),
            $this->water->read($object->optional('water')),
            Target::of($recipe->use, match (true) {
                $plant !== null => $this->tolerance->get($plant->word($this->tolerance->known(), Say::it('bench/bench-reader.plant-tolerance-class'))),
                $practice !== null && $practice->onlyWhereNothingGrows => $this->tolerance->emptyBed(),
                default => null,
            }),
            $this->circumstances->read($object->optional('circumstances'), $beside?->optional('pickedInDays'))->asPractised($practice?->method->usualDays(), $practice !== null && $practice->method->isRinsedNextDay()),
            $this->hand($beside?->optional('hand')),
            Agitation::from($beside?->optional('agitation')?->word(array_column(Agitation::cases(), 'value'), Say::it('bench/bench-reader.way-of-working-mix')) ?? Agitation::HandShake->value),
            $beside?->optional('stockReady')?->flag() ?? false,
            $practice,
            inBucket: $object->optional('inBucket')?->flag() ?? false,
        );
    }

    /**
     * What there is to measure with, without a scale; a usual kitchen's where nobody said.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function measuresAlone(?Node $sizes): Kit
    {
        return $this->kit($sizes, null);
    }

    private function kit(?Node $sizes, ?Node $beside): Kit
    {
        $named = $beside?->optional('measures');
        if ($sizes !== null && $named !== null) {
            throw $named->fault(Say::it('bench/bench-reader.measures-are-in-request-already'));
        }
        $scale = $beside?->optional('scale');
        $step = $scale === null || $scale->isNull() ? null : Amount::of($scale->positive(self::COARSEST_SCALE), Unit::Gram);
        $measures = match (true) {
            $named !== null => $this->measures($named, ['amount', 'unit', 'name']),
            $sizes !== null => $this->measures($sizes, ['amount', 'unit']),
            default => null,
        };

        return $measures === null ? Kit::kitchen($step) : new Kit($measures, $step);
    }

    /**
     * @param list<string> $keys
     *
     * @return list<Measure>
     */
    private function measures(Node $node, array $keys): array
    {
        return array_map(static function (Node $item) use ($keys): Measure {
            $row = $item->object($keys);

            return Measure::holding(
                AmountReader::fromParts($row->get('amount'), $row->get('unit'), Dimension::Volume),
                trim($row->optional('name')?->line(self::LONGEST_MEASURE_NAME) ?? ''),
            );
        }, $node->items(1, self::MAX_MEASURES, 'measures'));
    }

    /** What is known of a recipe where it is shipped, or its document says how it is used; null elsewhere. */
    public function practice(Recipe $recipe): ?Practice
    {
        return $this->shipped->has($recipe->slug) || $recipe->method !== null ? $this->shipped->practiceOf($recipe) : null;
    }

    /** @throws InvalidDocument when it is out of bounds */
    public static function factor(?Node $node): float
    {
        $factor = $node?->number() ?? 1.0;
        if ($node !== null && ($factor < self::SMALLEST_FACTOR || $factor > self::LARGEST_FACTOR)) {
            throw $node->fault(Say::it('bench/bench-reader.every-line-can-be-multiplied'));
        }

        return $factor;
    }

    private function hand(?Node $node): float
    {
        $hand = $node?->number() ?? 1.0;
        if ($node !== null && ($hand < self::FINEST_HAND || $hand > self::COARSEST_HAND)) {
            throw $node->fault(Say::it('bench/bench-reader.expected-number-from-0-05'));
        }

        return $hand;
    }

    /** @throws InvalidDocument when no shipped spray is called so */
    private function shippedSpray(Node $node): Recipe
    {
        $slug = $node->text(\PHP_INT_MAX);

        // The list of all of them is only for whoever asks for one that there is not.
        return $this->shipped->get(strlen($slug) <= InputLines::LONGEST_SLUG['value'] && $this->shipped->has($slug) ? $slug : $node->word($this->shipped->slugs(), Say::it('bench/bench-reader.shipped-recipe')));
    }
}
