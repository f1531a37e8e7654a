<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Data\ShelfLines;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;

/** What stands in the house: bottles of one ingredient add up. */
final readonly class Cupboard
{
    /** @var list<Bottle> */
    public array $bottles;

    /** @param list<Bottle> $bottles those that are empty stand there no more */
    public function __construct(array $bottles)
    {
        $this->bottles = array_values(array_filter($bottles, static fn(Bottle $one): bool => $one->left === null || $one->left > ShelfLines::DREGS['value']));
    }

    /**
     * Where nobody said how much is left.
     *
     * @param list<string> $slugs
     */
    public static function holding(array $slugs, IngredientCatalogue $ingredients): self
    {
        return new self(array_map(static fn(string $slug): Bottle => new Bottle($ingredients->get($slug)), $slugs));
    }

    public function has(string $slug): bool
    {
        return $this->of($slug) !== [];
    }

    public function get(string $slug): ?Ingredient
    {
        return $this->of($slug)[0]->holds ?? null;
    }

    /**
     * Percent v/v of the bottle that is taken: one that is as the recipe has it, else the strongest; null where bottles state none.
     *
     * @param float|null $wanted as the recipe has it
     */
    public function strength(string $slug, ?float $wanted): ?float
    {
        $percents = array_values(array_filter(array_map(static fn(Bottle $one): ?float => $one->percent(), $this->of($slug)), static fn(?float $one): bool => $one !== null));

        return $percents === [] ? null : ($wanted !== null && in_array($wanted, $percents, true) ? $wanted : max($percents));
    }

    /**
     * mL that are left, reckoned in bottles of the strength that is taken; null where nobody said of one of them.
     *
     * @param float|null $strength percent v/v of the bottle that is taken; null where bottles state none
     */
    public function left(string $slug, ?float $strength): ?float
    {
        $left = 0.0;
        foreach ($this->of($slug) as $bottle) {
            if ($bottle->left === null) {
                return null;
            }
            $left += $bottle->left * ($strength === null ? 1.0 : ($bottle->percent() ?? $strength) / $strength);
        }

        return $left;
    }

    /** What a mL of it costs from the bottle that is used up first, in the money of the house; null where nobody said. */
    public function each(string $slug): ?float
    {
        return $this->of($slug)[0]->each ?? null;
    }

    /** Whether somebody said of any of it what it cost. */
    public function isPriced(): bool
    {
        return array_filter($this->bottles, static fn(Bottle $one): bool => $one->each !== null) !== [];
    }

    /** @return list<Bottle> */
    private function of(string $slug): array
    {
        return array_values(array_filter($this->bottles, static fn(Bottle $one): bool => $one->holds->slug === $slug));
    }
}
