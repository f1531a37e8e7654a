<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Recipe;
use App\Models\RecipeVersion;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Recipe\Recipe as RecipeDocument;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;

/** Keeps every version of every recipe that was used or written. */
final readonly class RecipeShelf
{
    public function __construct(private RecipeReader $reader, private RecipeCatalogue $shipped, private Reading $reading) {}

    /** The version of exactly this document; a new one when there is none yet. Call it inside a transaction. */
    public function keep(RecipeDocument $recipe): RecipeVersion
    {
        $document = json_encode(RecipeWriter::write($recipe), \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
        $row = Recipe::query()->firstOrCreate(['slug' => $recipe->slug]);
        $same = RecipeVersion::query()->where('recipe_id', $row->id)->where('document', $document)->first();
        if ($same !== null) {
            return $same;
        }
        $last = RecipeVersion::query()->where('recipe_id', $row->id)->orderByDesc('number')->first();

        return RecipeVersion::query()->create([
            'recipe_id' => $row->id,
            'number' => ($last->number ?? 0) + 1,
            'name' => $recipe->name,
            'document' => $document,
            'written' => 0,
        ]);
    }

    /**
     * What somebody wrote, or went back to: from now on this is the recipe. Call it inside a transaction.
     *
     * @param int $basedOn number of the version that was on the screen; 0 where it is a recipe of its own
     *
     * @throws TwoVersions when the newest is another, and written otherwise
     */
    public function write(RecipeDocument $recipe, int $basedOn): RecipeVersion
    {
        $newest = $this->newest($recipe->slug);
        $version = $this->keep($recipe);
        if ($newest !== null && $newest->number !== $basedOn && ! $newest->is($version)) {
            throw TwoVersions::changedMeanwhile($newest, ['name' => $recipe->name, 'document' => $version->document]);
        }
        if ($newest === null || ! $newest->is($version) || $version->written === 0) {
            $version->update(['written' => ($newest->written ?? 0) + 1]);
        }

        return $version;
    }

    /** How what was mixed of a version is used. */
    public function method(RecipeVersion $version): Method
    {
        $slug = $version->recipe->slug;

        return $this->shipped->has($slug) ? $this->shipped->method($slug) : $this->shipped->methodOf($this->read($version));
    }

    public function read(RecipeVersion $version): RecipeDocument
    {
        return $this->reader->read(JsonText::parse($version->document));
    }

    /** @return list<RecipeDocument> what was written here to be sprayed, each as it is now */
    public function own(): array
    {
        return array_values(array_filter($this->written(), static fn(RecipeDocument $recipe): bool => $recipe->use !== RecipeUse::Stock));
    }

    /** @return list<RecipeDocument> the shipped ones, then those that were written here, each as it is now */
    public function recipes(): array
    {
        return [...array_map($this->shipped->get(...), $this->shipped->slugs()), ...$this->written()];
    }

    /**
     * @param list<string> $slugs
     *
     * @return list<RecipeDocument> those of them that are known, in that order, each as it is now
     */
    public function named(array $slugs): array
    {
        $own = array_filter($slugs, fn(string $slug): bool => ! $this->shipped->has($slug)) === [] ? [] : array_column($this->written(), null, 'slug');

        return array_values(array_filter(array_map(fn(string $slug): ?RecipeDocument => $this->shipped->has($slug) ? $this->shipped->get($slug) : $own[$slug] ?? null, $slugs)));
    }

    /** @return list<RecipeDocument> */
    private function written(): array
    {
        return $this->reading->once('recipes-written-here', $this->writtenNow(...));
    }

    /** @return list<RecipeDocument> */
    private function writtenNow(): array
    {
        $all = [];
        foreach (Recipe::query()->whereNotIn('slug', $this->shipped->slugs())->orderBy('slug')->get() as $own) {
            $version = $this->newest($own->slug);
            if ($version !== null) {
                $all[] = $this->read($version);
            }
        }

        return $all;
    }

    /**
     * The stocks that this household knows: those of the recipe that is written on from before all others of their names.
     *
     * @return list<RecipeDocument>
     */
    public function stocks(?string $from = null): array
    {
        $first = $from === null ? null : $this->newest($from);
        $recipes = [...($first === null ? [] : [$this->read($first)]), ...array_reverse($this->recipes())];
        $own = array_filter($recipes, static fn(RecipeDocument $recipe): bool => $recipe->use === RecipeUse::Stock);

        return [...array_merge(...array_map(static fn(RecipeDocument $recipe): array => $recipe->stocks(), $recipes)), ...array_values($own)];
    }

    /** @return list<RecipeVersion> newest first */
    public function all(string $slug): array
    {
        return array_values(RecipeVersion::query()
            ->whereIn('recipe_id', Recipe::query()->select('id')->where('slug', $slug))
            ->orderByDesc('number')
            ->get()
            ->all());
    }

    /** What was written last; of a recipe that nobody wrote here, what was mixed last. */
    public function newest(string $slug): ?RecipeVersion
    {
        return RecipeVersion::query()
            ->whereIn('recipe_id', Recipe::query()->select('id')->where('slug', $slug))
            ->orderByDesc('written')
            ->orderByDesc('number')
            ->first();
    }
}
