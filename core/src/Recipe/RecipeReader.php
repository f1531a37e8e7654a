<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Words\Say;

/** Reads a recipe document, strictly. */
final readonly class RecipeReader
{
    public const MAX_LINES = InputLines::MOST_RECIPE_LINES['value'];

    public const MAX_STOCK_DEPTH = InputLines::DEEPEST_STOCK['value'];

    public const MAX_NAME = InputLines::LONGEST_NAME['value'];

    public const MAX_NOTES = InputLines::LONGEST_NOTES['value'];

    private const SLUG = '/\A[a-z0-9]+(?:-[a-z0-9]+)*\z/';

    private const MAX_SLUG = InputLines::LONGEST_SLUG['value'];

    public function __construct(private IngredientCatalogue $ingredients) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): Recipe
    {
        return $this->recipe($node, 0);
    }

    private function recipe(Node $node, int $depth): Recipe
    {
        $object = $node->object(['format', 'version', 'slug', 'name', 'use', 'order', 'basis', 'lines', 'notes', 'method']);
        $object->get('format')->word([Recipe::FORMAT], 'format');
        $version = $object->get('version');
        $method = $object->filled('method');
        if (! in_array($version->number(), [(float) Recipe::VERSION, (float) Recipe::WITH_METHOD], true)) {
            throw $version->fault(Say::it('recipe/recipe-reader.only-version-of-recipe-documents', ['version' => Recipe::VERSION, 'method' => Recipe::WITH_METHOD]));
        }
        if ($method !== null && $version->number() !== (float) Recipe::WITH_METHOD) {
            throw $method->fault(Say::it('recipe/recipe-reader.method-stands-in-version', ['version' => Recipe::WITH_METHOD]));
        }
        $use = RecipeUse::from($object->get('use')->word(array_column(RecipeUse::cases(), 'value'), 'use'));
        $order = MixingOrder::from($object->get('order')->word(array_column(MixingOrder::cases(), 'value'), Say::it('recipe/recipe-reader.mixing-order')));
        $basis = $this->basis($object, $use);
        $lines = [];
        foreach ($object->get('lines')->items(1, self::MAX_LINES, 'lines') as $line) {
            $lines[] = $this->line($line, $depth);
        }

        return new Recipe(
            $this->slug($object->get('slug')),
            $object->get('name')->line(self::MAX_NAME, 1),
            $use,
            $order,
            $basis,
            $lines,
            $object->optional('notes')?->text(self::MAX_NOTES) ?? '',
            $method,
        );
    }

    private function slug(Node $node): string
    {
        $slug = $node->text(self::MAX_SLUG, 1);
        if (preg_match(self::SLUG, $slug) !== 1) {
            throw $node->fault(Say::it('recipe/recipe-reader.slug-small-letters-and-digits'));
        }

        return $slug;
    }

    private function basis(Node $object, RecipeUse $use): ?Basis
    {
        if ($use === RecipeUse::Stock) {
            $given = $object->optional('basis');
            if ($given !== null) {
                throw $given->fault(Say::it('recipe/recipe-reader.stock-has-no-water-so'));
            }

            return null;
        }
        $basis = $object->get('basis')->object(['amount', 'unit', 'of']);
        $of = BasisOf::from($basis->get('of')->word(array_column(BasisOf::cases(), 'value'), 'basis'));

        return new Basis(AmountReader::fromParts($basis->get('amount'), $basis->get('unit'), Dimension::Volume), $of);
    }

    private function line(Node $node, int $depth): RecipeLine
    {
        $object = $node->object(['ingredient', 'stock', 'amount', 'unit', 'upTo', 'strength']);
        $stock = $object->optional('stock');
        if ($stock === null) {
            return $this->ingredientLine($object);
        }
        if ($object->has('ingredient')) {
            throw $stock->fault(Say::it('recipe/recipe-reader.line-of-ingredient-or-of'));
        }
        $strength = $object->optional('strength');
        if ($strength !== null) {
            throw $strength->fault(Say::it('recipe/recipe-reader.stock-has-no-bottle-strength'));
        }
        if ($depth >= self::MAX_STOCK_DEPTH) {
            throw InvalidDocument::because($stock->path, Say::it('recipe/recipe-reader.stocks-may-be-nested-deep', ['max-stock-depth' => self::MAX_STOCK_DEPTH]), null);
        }
        $recipe = $this->recipe($stock, $depth + 1);
        if ($recipe->use !== RecipeUse::Stock) {
            throw InvalidDocument::because($stock->path . '/use', Say::it('recipe/recipe-reader.what-line-takes-as-stock'), $recipe->use->value);
        }
        $amount = AmountReader::fromParts($object->get('amount'), $object->get('unit'), Dimension::Volume, Dimension::Mass);

        return RecipeLine::ofStock($recipe, $amount, $this->upTo($object, $amount->value, $amount->unit->factor()));
    }

    private function ingredientLine(Node $object): RecipeLine
    {
        $ingredient = $this->ingredients->get($object->get('ingredient')->word($this->ingredients->slugs(), 'ingredient'));
        $amount = AmountReader::fromParts($object->get('amount'), $object->get('unit'), ...$ingredient->dimensions());
        $strength = $object->optional('strength');
        if ($strength !== null && ! $ingredient->substance->hasStrength()) {
            throw $strength->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $ingredient->name]));
        }

        return RecipeLine::ofIngredient(
            $ingredient,
            $amount,
            $this->upTo($object, $amount->value, $amount->unit->factor()),
            $strength?->positive(100.0),
        );
    }

    private function upTo(Node $object, float $amount, float $factor): ?float
    {
        $node = $object->optional('upTo');
        if ($node === null) {
            return null;
        }
        $top = $node->positive();
        if ($top < $amount) {
            throw $node->fault(Say::it('recipe/recipe-reader.top-of-range-may-not', ['amount' => $amount]));
        }

        return AmountReader::isTooLarge($top * $factor) ? throw $node->fault(Say::it('quantity/amount-reader.too-large')) : $top;
    }
}
