<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;

/**
 * Reads what happened to a mix: `{"kind": "added", "ingredient": "castile-soap", "amount": {…}}`, `{"kind": "spilled", "share": 0.5}`,
 * `{"kind": "thinned", "amount": {…}}` or `"toMark": true`, `{"kind": "swapped", "item": "castile-soap", "ingredient": "dish-detergent"}`.
 */
final readonly class BottleLineReader
{
    public const KEYS = ['kind', 'load', 'ingredient', 'amount', 'strength', 'share', 'toMark', 'item'];

    public function __construct(private BatchRecord $batch, private IngredientCatalogue $known) {}

    /**
     * @param string $id   UUID
     * @param int    $load that is meant where none is said
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function said(Node $node, string $id, DateTimeImmutable $at, int $load = 1): BottleLine
    {
        return $this->of($node->object(self::KEYS), $id, $at, $load);
    }

    /**
     * The same of what was opened before.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function of(Node $object, string $id, DateTimeImmutable $at, int $load = 1): BottleLine
    {
        // A rest is named by the batch that it is of, and read there.
        $said = array_filter(BottleLineKind::told(), static fn(BottleLineKind $one): bool => $one !== BottleLineKind::OverRest);
        $kind = BottleLineKind::from($object->get('kind')->word(array_column($said, 'value'), Say::it('batch/bottle-line-reader.kind')));
        $number = $object->optional('load')?->whole(1, count($this->batch->loads)) ?? $load;

        return match ($kind) {
            BottleLineKind::Spilled => new BottleLine($id, $kind, $at, $number, lost: $object->get('share')->positive(1.0)),
            BottleLineKind::Thinned => new BottleLine($id, $kind, $at, $number, water: $object->optional('toMark')?->flag() === true ? null : self::millilitres($object->get('amount'))),
            BottleLineKind::Swapped => new BottleLine($id, $kind, $at, $number, [$this->part($object, 0.0)], item: $this->item($object->get('item'), $number)),
            default => new BottleLine($id, $kind, $at, $number, [$this->added($object)]),
        };
    }

    private function added(Node $object): Part
    {
        $ingredient = $this->ingredient($object);

        return $this->part($object, $ingredient->millilitres(AmountReader::read($object->get('amount'), ...$ingredient->dimensions())));
    }

    private function part(Node $object, float $millilitres): Part
    {
        $ingredient = $this->ingredient($object);
        $strength = $object->optional('strength');
        if ($strength !== null && ! $ingredient->substance->hasStrength()) {
            throw $strength->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $ingredient->name]));
        }

        return new Part($ingredient, $millilitres, $strength?->positive(100.0) ?? $ingredient->defaultStrength?->value, null);
    }

    private function ingredient(Node $object): Ingredient
    {
        return $this->known->get($object->get('ingredient')->word($this->known->slugs(), Say::it('batch/bottle-line-reader.ingredient')));
    }

    /** @throws InvalidDocument where the load has none, or it is poured from a stock */
    private function item(Node $node, int $load): string
    {
        $own = array_keys(array_filter($this->batch->load($load)->items, static fn(Item $item): bool => $item->part !== null));

        return $node->word($own, Say::it('batch/history-reader.thing-in-this-load'));
    }

    private static function millilitres(Node $node): float
    {
        return AmountReader::read($node, Dimension::Volume)->volume()->millilitres();
    }
}
