<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Declared\Kept\Plants;
use App\Models\Plant;
use App\Records\RecipeShelf;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** A course of many plants, as somebody begins or changes it. */
final readonly class CourseInput
{
    private const KEYS = ['name', 'pest', 'recipes', 'everyDays', 'plantIds'];

    /**
     * @param array<string, mixed>       $columns as they are kept
     * @param list<Plant>                $plants
     * @param list<array<string, mixed>> $fresh   columns of plants that are not here yet
     */
    private function __construct(public Sent $sent, public array $columns, public array $plants, public array $fresh, public ?bool $ended) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function toBegin(Node $node, TroubleCatalogue $troubles, RecipeShelf $shelf, Plants $record): self
    {
        $sent = Sent::opened($node, [...self::KEYS, 'newPlants'], correcting: false);
        $plants = ManyPlants::read($sent->object->get('plantIds'));
        $fresh = self::fresh($sent->object->filled('newPlants'), $record);
        if ($plants === [] && $fresh === []) {
            throw $sent->object->get('plantIds')->fault(Say::it('input/course-input.no-plant'));
        }

        return new self($sent, self::columns($sent->object, $troubles, $shelf), $plants, $fresh, null);
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function toChange(Node $node, TroubleCatalogue $troubles, RecipeShelf $shelf): self
    {
        $sent = Sent::toChange($node, [...self::KEYS, 'ended']);

        return new self($sent, self::columns($sent->object, $troubles, $shelf), ManyPlants::read($sent->object->get('plantIds')), [], $sent->object->filled('ended')?->flag());
    }

    /** @return array<string, mixed> */
    private static function columns(Node $object, TroubleCatalogue $troubles, RecipeShelf $shelf): array
    {
        $name = $object->get('name')->line(RecipeReader::MAX_NAME, 1);
        $known = array_map(static fn(Recipe $one): string => $one->slug, array_filter($shelf->recipes(), static fn(Recipe $one): bool => $one->use !== RecipeUse::Stock));
        $slugs = array_map(static fn(Node $one): string => $one->word(array_values($known), Say::it('input/course-input.recipe')), $object->get('recipes')->items(0, ScheduleLines::MOST_IN_TURN['value'], 'recipes'));
        $days = $object->filled('everyDays');
        if ($days !== null && $slugs === []) {
            throw $days->fault(Say::it('input/course-input.days-of-nothing'));
        }

        return [
            'name' => $name,
            'pest' => $object->filled('pest')?->word($troubles->pestSlugs(), 'pest') ?? '',
            'methods' => json_encode(array_values(array_unique($slugs)), \JSON_THROW_ON_ERROR),
            'every_days' => $days?->whole(1, ScheduleLines::LONGEST_PACE['value']),
        ];
    }

    /** @return list<array<string, mixed>> each with its number behind the name that they share */
    private static function fresh(?Node $node, Plants $record): array
    {
        if ($node === null) {
            return [];
        }
        $object = $node->object(['count', ...$record->enteredKeys()]);
        $count = $object->get('count')->whole(1, InputLines::MOST_TOGETHER['value']);
        $columns = $record->enter($object);
        $name = $object->get('name')->line(RecipeReader::MAX_NAME - strlen(" {$count}"), 1);

        return array_map(static fn(int $number): array => [...$columns, 'name' => $count === 1 ? $name : "{$name} {$number}"], range(1, $count));
    }
}
