<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Plant;
use App\Records\RecipeShelf;
use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** A trial that somebody begins. */
final readonly class TrialInput
{
    public const UNITS = ['leaf', 'plant'];

    private const LONGEST = 200;

    private const KEYS = ['pest', 'name', 'one', 'other', 'oneRecipe', 'otherRecipe', 'otherAlone', 'plantIds', 'unit', 'units', 'blind', 'begunAt'];

    /**
     * @param array{string|null, string|null} $recipes slugs of what each side is sprayed with
     * @param non-empty-list<Plant>           $plants
     */
    private function __construct(public Sent $sent, public string $pest, public string $name, public string $one, public string $other, public array $recipes, public bool $alone, public array $plants, public string $unit, public int $units, public bool $blind, public DateTimeImmutable $begunAt) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, TroubleCatalogue $troubles, RecipeShelf $shelf, DateTimeImmutable $now): self
    {
        $sent = Sent::opened($node, self::KEYS, correcting: false);
        $object = $sent->object;
        $recipes = self::sprays($shelf);
        [$one, $oneRecipe] = self::side($object, 'one', $recipes, null);
        $alone = $object->filled('otherAlone')?->flag() ?? false;
        [$other, $otherRecipe] = self::side($object, 'other', $recipes, $alone ? Say::it('input/trial-input.nothing') : null);
        if (mb_strtolower(trim($one)) === mb_strtolower(trim($other)) || ($oneRecipe !== null && $oneRecipe === $otherRecipe)) {
            throw ($object->filled('other') ?? $object->get('otherRecipe'))->fault(Say::it('input/trial-input.both-sides-are-trial-needs'));
        }
        if ($alone && $otherRecipe !== null) {
            throw $object->get('otherRecipe')->fault(Say::it('input/trial-input.alone-with-recipe'));
        }
        $unit = $object->get('unit')->word(self::UNITS, 'unit');
        $plants = ManyPlants::read($object->get('plantIds'));

        return new self(
            $sent,
            $object->get('pest')->word($troubles->pestSlugs(), 'pest'),
            $object->optional('name')?->line(self::LONGEST, 1) ?? mb_substr(Say::it('input/trial-input.against', ['one' => $one, 'other' => $other]), 0, self::LONGEST),
            $one,
            $other,
            [$oneRecipe, $otherRecipe],
            $alone,
            $plants === [] ? throw $object->get('plantIds')->fault(Say::it('input/trial-input.no-plant')) : $plants,
            $unit,
            $unit === 'plant' ? self::plants($object, count($plants)) : $object->get('units')->whole(EvidenceLines::FEWEST_UNITS['value'], InputLines::MOST_SPOTS['value']),
            $object->filled('blind')?->flag() ?? false,
            Moment::past($object->optional('begunAt'), $now),
        );
    }

    /** @return array<string, mixed> as they are kept; the lot is drawn from the identity, so that nobody chooses it */
    public function columns(): array
    {
        return [
            'pest' => $this->pest, 'name' => $this->name, 'one' => $this->one, 'other' => $this->other, 'unit' => $this->unit, 'units' => $this->units, 'blind' => $this->blind, 'begun_at' => $this->begunAt,
            'seed' => (int) hexdec(substr(hash('sha256', $this->sent->submitted()->key), 0, 7)),
        ];
    }

    /** @return array<string, string> names of what can be sprayed, by slug */
    private static function sprays(RecipeShelf $shelf): array
    {
        $fit = array_filter($shelf->recipes(), static fn(Recipe $one): bool => $one->use !== RecipeUse::Stock);

        return array_column(array_map(static fn(Recipe $one): array => ['slug' => $one->slug, 'name' => $one->name], $fit), 'name', 'slug');
    }

    /**
     * @param array<string, string> $recipes
     * @param string|null           $usual   what it is called where nobody says
     *
     * @return array{string, string|null} what it is called, and the slug of what it is sprayed with
     */
    private static function side(Node $object, string $key, array $recipes, ?string $usual): array
    {
        $slug = $object->filled("{$key}Recipe")?->word(array_keys($recipes), Say::it('input/course-input.recipe'));
        $usual = $slug === null ? $usual : $recipes[$slug];
        $said = $usual === null ? $object->get($key) : $object->filled($key);

        return [$said?->line(self::LONGEST, 1) ?? mb_substr((string) $usual, 0, self::LONGEST), $slug];
    }

    /** Whole plants are as many as are chosen. */
    private static function plants(Node $object, int $plants): int
    {
        if ($plants < EvidenceLines::FEWEST_UNITS['value'] || $plants > InputLines::MOST_SPOTS['value']) {
            throw $object->get('plantIds')->fault(Say::it('input/trial-input.plants-from-to', ['from' => EvidenceLines::FEWEST_UNITS['value'], 'to' => InputLines::MOST_SPOTS['value'], 'plants' => $plants]));
        }
        $units = $object->filled('units');
        if ($units !== null && $units->whole(1, InputLines::MOST_SPOTS['value']) !== $plants) {
            throw $units->fault(Say::it('input/trial-input.units-are-plants', ['plants' => $plants]));
        }

        return $plants;
    }
}
