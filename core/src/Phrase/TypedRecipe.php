<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

/** The recipe that typed lines come to. */
final readonly class TypedRecipe
{
    /** Of more, nobody speaks. */
    private const NAMES = InputLines::NAMES_OF_A_RECIPE['value'];

    public function __construct(private RecipeReader $recipes) {}

    /**
     * What it is called while nobody named it: by what is in it.
     *
     * @param list<Heard> $heard
     */
    public static function named(array $heard): string
    {
        $names = array_values(array_unique(array_map(static fn(SpokenLine $line): string => $line->name(), array_merge([], ...array_map(static fn(Heard $one): array => $one->lines, $heard)))));

        return $names === [] ? Say::it('phrase/typed-recipe.not-named-yet') : ucfirst(implode(' and ', array_slice($names, 0, self::NAMES)));
    }

    /**
     * Null while a line is unclear, or nothing is there yet.
     *
     * @param list<Heard> $heard
     *
     * @throws InvalidDocument when the lines are clear but come to no recipe
     */
    public function of(array $heard, string $slug, string $name, RecipeUse $use, MixingOrder $order, string $notes = '', ?Kitchen $kitchen = null): ?Recipe
    {
        $lines = [];
        $water = [];
        foreach ($heard as $one) {
            if ($one->isUnclear()) {
                return null;
            }
            array_push($lines, ...$one->lines);
            $water = $one->basis === null ? $water : [...$water, $one->basis];
        }
        if ($lines === []) {
            return null;
        }
        $whole = OneWater::of($lines, $water, $use, new OnePart($kitchen));
        $basis = $whole->basis;
        $document = [
            'format' => Recipe::FORMAT,
            'version' => Recipe::VERSION,
            'slug' => $slug,
            'name' => $name,
            'use' => $use->value,
            'order' => $order->value,
            ...($basis?->unit === null ? [] : ['basis' => ['amount' => $basis->amount * $basis->unit->factor, 'unit' => $basis->unit->unit->value, 'of' => $basis->of->value]]),
            'lines' => Composer::lines($whole->lines, $basis),
            'notes' => $notes,
        ];

        return $this->recipes->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION)));
    }
}
