<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

/** What a recipe is made for, and what it is really going onto. */
final readonly class Target
{
    private function __construct(public RecipeUse $use, public ?ToleranceClass $plant) {}

    public static function of(RecipeUse $use, ?ToleranceClass $plant): self
    {
        return new self($use, $plant);
    }

    /** Null for a stock, which goes onto nothing before it is let down. */
    public function surface(): ?Surface
    {
        return $this->plant->surface ?? match ($this->use) {
            RecipeUse::Foliar, RecipeUse::Spot => Surface::Leaf,
            RecipeUse::Dormant => Surface::Wood,
            RecipeUse::Drench => Surface::Soil,
            RecipeUse::Stock => null,
        };
    }

    /**
     * The column of the limits; where nobody said onto what it goes, an ordinary leaf, bare wood, and for a drench the
     * cautious one of soil with plants in it. Null for a stock.
     */
    public function limits(): ?string
    {
        $surface = $this->surface();

        return $this->use === RecipeUse::Stock || $surface === null ? null : $this->plant->limits ?? self::columnOf($surface);
    }

    /** The column of the limits for a surface of which no more is known. */
    public static function columnOf(Surface $surface): string
    {
        return match ($surface) {
            Surface::Leaf => 'ordinary',
            Surface::Wood => 'wood',
            Surface::Soil => 'pot',
        };
    }

    public function words(): string
    {
        return $this->plant !== null ? Say::it("onto/{$this->plant->slug}") : match ($this->use) {
            RecipeUse::Foliar, RecipeUse::Spot => Say::it('onto/ordinary-leaf'),
            RecipeUse::Dormant => Say::it('onto/dormant-wood'),
            RecipeUse::Drench => Say::it('onto/planted-soil'),
            RecipeUse::Stock => Say::it('safety/target.stock'),
        };
    }
}
