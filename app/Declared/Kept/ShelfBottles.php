<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Day;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;
use Psr\Clock\ClockInterface;

/** What stands in the house to make sprays from. */
final class ShelfBottles extends Record
{
    private const MOST = 1e6;

    private const TENTHS = 10;

    public function __construct(ClockInterface $clock, private readonly IngredientCatalogue $ingredients)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'shelf_bottles';
    }

    public function list(): string
    {
        return 'shelf';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    /** @throws InvalidDocument when it holds something in a unit in which nobody measures that, or oil has a strength */
    public function check(Node $entry, array $columns): void
    {
        $holds = $this->ingredients->get((string) ($columns['ingredient'] ?? ''));
        $unit = Unit::tryFrom((string) ($columns['unit'] ?? ''));
        if (($columns['amount'] ?? null) !== null && $unit === null) {
            throw $entry->get('amount')->fault(Say::it('records/shelf-bottles.amount-without-unit'));
        }
        if ($unit !== null && ! in_array($unit->dimension(), $holds->dimensions(), true)) {
            throw $entry->get('unit')->fault(Say::it('records/shelf-bottles.unit-of-another-kind', ['unit' => $unit->value, 'name' => $holds->name]));
        }
        if (($columns['strength'] ?? null) !== null && ! $holds->substance->hasStrength()) {
            throw $entry->get('strength')->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $holds->name]));
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('words', Text::line(RecipeReader::MAX_NAME, 1))->entered(),
            Plain::needed('ingredient', new Word($this->ingredients->slugs(), 'ingredient'))->entered(),
            Plain::maybe('strength', Number::positive(100.0))->entered(),
            Plain::maybe('amount', Number::positive(self::MOST))->entered(),
            Plain::maybe('unit', Word::of(Unit::class, 'unit'))->entered(),
            Plain::maybe('tenths', new Whole(0, self::TENTHS))->entered(),
            Plain::needed('said_at', Moment::past($this->clock)),
            Plain::maybe('opened_on', new Day())->entered(),
            Plain::maybe('price', Number::upTo(self::MOST))->entered(),
            Plain::maybe('retired_at', Moment::past($this->clock)),
        ];
    }
}
