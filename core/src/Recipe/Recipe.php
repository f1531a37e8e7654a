<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\Substance;

/** A recipe as its open document states it. */
final readonly class Recipe
{
    public const FORMAT = 'idle-mixer/recipe';

    public const VERSION = 1;

    /** Of documents that say how it is used as well. */
    public const WITH_METHOD = 2;

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
        /** What its document says of how it is used; null where it says nothing. */
        public ?Node $method = null,
    ) {}

    /**
     * The stocks that its lines are taken from, and those within them.
     *
     * @return list<self>
     */
    public function stocks(): array
    {
        $all = [];
        foreach ($this->lines as $line) {
            if ($line->stock !== null) {
                array_push($all, $line->stock, ...$line->stock->stocks());
            }
        }

        return $all;
    }

    /** @return list<Substance> what is in it, in its stocks too, each once */
    public function substances(): array
    {
        $all = [];
        foreach ($this->lines as $line) {
            foreach ($line->stock?->substances() ?? ($line->ingredient === null ? [] : [$line->ingredient->substance]) as $one) {
                $all[$one->value] = $one;
            }
        }

        return array_values($all);
    }

    /**
     * The same recipe with other lines, another order of mixing, or for another volume.
     *
     * @param list<RecipeLine>|null $lines
     */
    public function with(?array $lines = null, ?MixingOrder $order = null, ?Basis $basis = null): self
    {
        return new self($this->slug, $this->name, $this->use, $order ?? $this->order, $basis ?? $this->basis, $lines ?? $this->lines, $this->notes, $this->method);
    }
}
