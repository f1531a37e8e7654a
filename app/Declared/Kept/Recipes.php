<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Text;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Words\Say;

/** A recipe by its name, with every version that was written or mixed. */
final class Recipes extends Record
{
    public function table(): string
    {
        return 'recipes';
    }

    public function list(): string
    {
        return 'recipes';
    }

    public function identity(): array
    {
        return ['slug'];
    }

    public function parts(): array
    {
        return [
            'versions' => new Part(RecipeVersions::class, 'recipe_id', ['number'], InputLines::MOST_ROWS['value'], joins: true),
        ];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::needed('slug', Text::shaped('^[a-z0-9]+(-[a-z0-9]+)*$', InputLines::LONGEST_SLUG['value'], Say::it('records/recipes.no-slug-small-letters-digits'))),
            ...self::rowTimes(),
        ];
    }
}
