<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Weather\Spray;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;

/** Finds what is to be sprayed, by the key that a screen knows it by. */
final readonly class ChosenSprays
{
    private const BATCH = 'batch-';

    /** A recipe that is there in every notebook. */
    private const USUAL = 'plain-soap';

    public function __construct(private BatchBook $book, private RecipeShelf $shelf, private SprayWants $wants, private Formulator $formulator, private Gates $gates, private RecipeCatalogue $shipped) {}

    /** @return list<array{string, string}> key and name: batches that may still be sprayed, then the recipes */
    public function all(DateTimeImmutable $now): array
    {
        $batches = array_map(static fn(Batch $batch): array => [self::BATCH . $batch->id, Say::it('records/chosen-sprays.mixed', ['name' => $batch->name])], $this->ready($now));
        $recipes = array_map(static fn(Recipe $recipe): array => [$recipe->slug, $recipe->name], array_values(array_filter($this->shelf->recipes(), static fn(Recipe $recipe): bool => $recipe->use !== RecipeUse::Stock)));

        return [...$batches, ...$recipes];
    }

    /** @throws InvalidDocument when there is none of that key */
    public function of(string $key, DateTimeImmutable $now): ChosenSpray
    {
        if ($key === '') {
            $ready = $this->ready($now);

            return $ready === [] ? $this->latest() : $this->ofBatch($ready[0], $now);
        }
        if (preg_match('/\Abatch-([1-9]\d{0,14})\z/', $key, $found) === 1) {
            $batch = Batch::query()->find((int) $found[1]);

            return $batch === null ? throw InvalidDocument::because('/spray', Say::it('records/chosen-sprays.there-no-batch'), $found[1]) : $this->ofBatch($batch, $now);
        }
        foreach ($this->shelf->recipes() as $recipe) {
            if ($recipe->slug === $key) {
                return $this->recipe($recipe);
            }
        }
        throw InvalidDocument::because('/spray', Say::it('records/chosen-sprays.there-no-spray-expected-slug'), $key);
    }

    public function wantsOf(Batch $batch): Spray
    {
        $record = $this->book->record($batch);

        return $this->wants->of(AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads)), $record->target->use);
    }

    public function ofBatch(Batch $batch, DateTimeImmutable $now): ChosenSpray
    {
        return new ChosenSpray(self::BATCH . $batch->id, $batch->name, $batch->id, $this->wantsOf($batch), $this->gates->spray($batch, $now));
    }

    private function recipe(Recipe $recipe): ChosenSpray
    {
        $mixture = $this->formulator->onBasis($recipe);
        $practice = $this->shipped->has($recipe->slug) ? $this->shipped->practice($recipe->slug) : null;

        return new ChosenSpray($recipe->slug, $recipe->name, null, $this->wants->of($mixture, $recipe->use), SprayNow::of($mixture, $recipe->use, $practice));
    }

    /** As what was mixed last, whatever became of it. */
    private function latest(): ChosenSpray
    {
        $slug = Batch::query()->with('recipeVersion.recipe')->where('for_leaf_test', false)->orderByDesc('id')->first()?->recipeVersion->recipe->slug;
        foreach ([$slug, self::USUAL] as $wanted) {
            foreach ($this->shelf->recipes() as $recipe) {
                if ($recipe->slug === $wanted && $recipe->use !== RecipeUse::Stock) {
                    return $this->recipe($recipe);
                }
            }
        }
        throw InvalidDocument::because('/spray', Say::it('records/chosen-sprays.there-no-recipe-here-to'), null);
    }

    /** @return list<Batch> mixed, not thrown away and not too old, the youngest first */
    private function ready(DateTimeImmutable $now): array
    {
        $found = Batch::query()->whereNotNull('made_at')->whereNull('discarded_at')->where('used_up', false)->where('for_leaf_test', false)
            ->where(static fn($query) => $query->whereNull('discard_at')->orWhere('discard_at', '>', $now))->orderByDesc('made_at')->get();

        return array_values(array_filter($found->all(), fn(Batch $batch): bool => $this->book->record($batch)->target->use !== RecipeUse::Stock));
    }
}
