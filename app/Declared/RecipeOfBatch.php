<?php

declare(strict_types=1);

namespace App\Declared;

use App\Declared\Values\Text;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;
use Illuminate\Support\Facades\DB;

/** The version of a recipe that a batch was made by: the slug, and the document of that version, which no two versions share. */
final readonly class RecipeOfBatch extends Particular
{
    private const COLUMN = 'recipe_version_id';

    public function key(): string
    {
        return 'recipeVersion';
    }

    public function columns(): array
    {
        return [self::COLUMN];
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        $said = $entry->get($this->key())->object(['slug', 'number']);
        $slug = Text::line(InputLines::LONGEST_SLUG['value'], 1)->read($said->get('slug'));
        $number = $said->get('number')->whole(1, \PHP_INT_MAX);
        $id = $arrivals->identities->version($slug, $number) ?? DB::table('recipe_versions')->where('number', $number)->whereIn('recipe_id', DB::table('recipes')->select('id')->where('slug', $slug))->value('id');

        return is_int($id) ? [self::COLUMN => $id] : throw InvalidDocument::because($said->path, Say::it('records/recipe-of-batch.version-of-recipe-neither-in', ['number' => $number]), $slug);
    }

    public function told(array $row, Identities $identities): string
    {
        $id = $row[self::COLUMN] ?? null;
        [$slug, $number] = is_int($id) ? $identities->recipe($id) : ['', 0];

        return '{"slug":' . Raw::json($slug) . ',"number":' . Raw::json($number) . '}';
    }

    public function schema(): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'required' => ['slug', 'number'], 'properties' => ['slug' => ['type' => 'string'], 'number' => ['type' => 'integer', 'minimum' => 1]]];
    }
}
