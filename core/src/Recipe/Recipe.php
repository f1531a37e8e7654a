<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** A recipe as its open document states it. */
final readonly class Recipe
{
    public const FORMAT = 'idle-mixer/recipe';

    public const VERSION = 1;

    /** @param list<RecipeLine> $lines */
    public function __construct(
        public string $slug,
        public string $name,
        public RecipeUse $use,
        public MixingOrder $order,
        /** Null for a stock, which has no water. */
        public ?Basis $basis,
        public array $lines,
        public string $notes,
    ) {}
}
